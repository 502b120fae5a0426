<?php

declare(strict_types=1);

namespace App\Examinations;

use App\Models\Examination;
use App\Models\Finding;
use App\Models\Save;
use App\Models\Section;
use GrayCompass\Core\Assessor;
use GrayCompass\Core\Document\Refusal;
use GrayCompass\Core\Findings\Examination as ExaminationValues;
use Illuminate\Support\Facades\DB;

/**
 * Saves one part of an examination at a time. A save carries an idempotency key, looked up first, and
 * the version that it was made from; what the core refuses is not stored.
 */
final class Recorder
{
    public function __construct(private readonly Assessor $assessor)
    {
    }

    /**
     * @param  array<string, mixed>  $payload
     *
     * @throws Refusal|StaleVersion|AlreadySigned
     */
    public function section(Examination $examination, string $name, array $payload, SaveRequest $save): Saved
    {
        return $this->once($examination, $name, $save, function (int $version) use ($examination, $name, $payload): void {
            $examination->sections()->updateOrCreate(['name' => $name], ['payload' => $payload, 'version' => $version]);
        });
    }

    /**
     * @param  array<string, mixed>|null  $payload  null takes the finding back
     *
     * @throws Refusal|StaleVersion|AlreadySigned
     */
    public function finding(Examination $examination, string $manoeuvre, string $side, ?array $payload, SaveRequest $save): Saved
    {
        return $this->once($examination, "{$manoeuvre}:{$side}", $save, function (int $version) use ($examination, $manoeuvre, $side, $payload): void {
            $place = ['manoeuvre' => $manoeuvre, 'side' => $side];
            $sequence = $version === 1 ? $examination->findings()->count() : null;
            $examination->findings()->updateOrCreate($place, array_filter(
                ['version' => $version, 'sequence' => $sequence, 'before_gate' => false],
                static fn (mixed $value): bool => $value !== null,
            ) + ['payload' => $payload]);
        });
    }

    /**
     * @param  callable(int): void  $store  given the new version
     */
    private function once(Examination $examination, string $part, SaveRequest $save, callable $store): Saved
    {
        return DB::transaction(function () use ($examination, $part, $save, $store): Saved {
            $query = Examination::query()->whereKey($examination->id);
            $query->lockForUpdate();
            $locked = $query->firstOrFail();
            $earlier = Save::query()->where('examination_id', $locked->id)->where('key', $save->key)->first();
            if ($earlier !== null) {
                return new Saved($earlier->part, $earlier->version, $this->examine($locked, $part));
            }
            if ($locked->isSigned()) {
                throw new AlreadySigned;
            }
            $version = $this->version($locked, $part);
            if ($version !== $save->version) {
                throw new StaleVersion($locked, $part);
            }
            $store($version + 1);
            $values = $this->examine($locked, $part);
            Save::query()->create(['examination_id' => $locked->id, 'key' => $save->key, 'part' => $part, 'version' => $version + 1]);

            return new Saved($part, $version + 1, $values);
        });
    }

    private function version(Examination $examination, string $part): int
    {
        [$name, $side] = explode(':', $part) + [1 => null];
        $row = $side === null
            ? Section::query()->where('examination_id', $examination->id)->where('name', $name)->first()
            : Finding::query()->where('examination_id', $examination->id)->where('manoeuvre', $name)->where('side', $side)->first();

        return $row->version ?? 0;
    }

    /**
     * Reads the whole document as it now stands. Where the gate has closed on a finding that was taken
     * earlier, the finding stays and is marked; the part being saved itself is refused.
     */
    private function examine(Examination $examination, string $part): ExaminationValues
    {
        for (; ;) {
            $document = new Document($examination->fresh(['sections', 'findings']) ?? $examination);
            try {
                return $this->assessor->read($document->content);
            } catch (Refusal $refusal) {
                $earlier = $document->findingAt($refusal->path);
                if ($earlier === null || $earlier->before_gate || "{$earlier->manoeuvre}:{$earlier->side}" === $part) {
                    throw $refusal;
                }
                $earlier->update(['before_gate' => true]);
            }
        }
    }
}
