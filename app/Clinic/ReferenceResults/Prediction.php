<?php

declare(strict_types=1);

namespace App\Clinic\ReferenceResults;

use App\Access\Teams\TeamDays;
use App\Clinic\Examinations\WrittenAssessment;
use App\Clinic\Models\Episode;
use App\Clinic\Models\Examination;
use App\Clinic\Models\Snapshot;
use App\Clinic\Values\Predicted;
use Carbon\CarbonImmutable;
use GrayCompass\Core\Knee\Condition;

/** What was held likely of a knee when it was signed, before anybody knew. */
final readonly class Prediction
{
    /**
     * @param  list<Predicted>  $conditions  most likely first; of a fresh operation none is told
     */
    private function __construct(public string $examination, public CarbonImmutable $at, public array $conditions)
    {
    }

    /**
     * By the last signature of an episode.
     *
     * @param  CarbonImmutable|null  $until  by the last visit up to this day: what was seen later knew more
     * @return self|null null while nothing of it is signed
     */
    public static function of(Episode $episode, ?CarbonImmutable $until = null): ?self
    {
        $signed = $episode->examinations->filter(static fn (Examination $one): bool => $one->isSigned());
        $replaced = $signed->pluck('supersedes_id')->filter();
        $last = $signed
            ->reject(static fn (Examination $one): bool => $replaced->contains($one->id)
                || $until !== null && TeamDays::ofTeam($one->team_id)->day($one->examined_at)->isAfter($until))
            ->sortBy('examined_at')
            ->last();

        return $last === null ? null : self::by($last);
    }

    /** By one signed visit, whatever came after it. */
    public static function by(Examination $visit): ?self
    {
        $snapshot = Snapshot::query()->where('examination_id', $visit->id)->first();

        return $snapshot === null ? null : new self($visit->id, $visit->examined_at, WrittenAssessment::signed($snapshot)->chances());
    }

    /** Null where no chance of it was told. */
    public function held(Condition $condition): ?Predicted
    {
        foreach ($this->conditions as $one) {
            if ($one->condition === $condition) {
                return $one;
            }
        }

        return null;
    }
}
