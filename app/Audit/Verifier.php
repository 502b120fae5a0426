<?php

declare(strict_types=1);

namespace App\Audit;

use App\Examinations\Document;
use App\Models\Assessment;
use App\Models\ErasedAthlete;
use App\Models\Examination;

/** Reads the chains of deeds from their beginning and says where one was broken. */
final class Verifier
{
    /**
     * @return list<string> what is wrong, empty where nothing is
     */
    public function faults(): array
    {
        $faults = [];
        $heads = [];
        foreach (Deed::query()->orderBy('id')->lazy(1000) as $deed) {
            $team = $deed->team_id ?? Chain::NO_TEAM;
            $head = $heads[$team] ?? ['seal' => Deed::NONE, 'count' => 0];
            if ($deed->previous !== $head['seal']) {
                $faults[] = "Deed {$deed->id} does not follow the one before it: something between them is gone.";
            }
            if ($deed->seal !== $deed->sealed()) {
                $faults[] = "Deed {$deed->id} was changed after it was written.";
            }
            $heads[$team] = ['seal' => $deed->seal, 'count' => $head['count'] + 1];
        }
        foreach (Chain::query()->get() as $chain) {
            $head = $heads[$chain->team_id] ?? ['seal' => Deed::NONE, 'count' => 0];
            if ($head['seal'] !== $chain->seal || $head['count'] !== $chain->count) {
                $faults[] = "The chain of team {$chain->team_id} ends too early: "
                    ."{$head['count']} deeds of {$chain->count}.";
            }
        }

        return [...$faults, ...$this->signatures()];
    }

    /**
     * Each signature was written down with the digest of what was signed.
     *
     * @return list<string>
     */
    private function signatures(): array
    {
        $faults = [];
        $erased = self::erased();
        foreach (Deed::query()->where('what', What::Signed)->orderBy('id')->lazy(200) as $deed) {
            $snapshot = Assessment::query()->where('examination_id', $deed->subject)->first();
            if ($snapshot === null && isset($erased[$deed->subject])) {
                continue;
            }
            if ($snapshot === null) {
                $faults[] = "What was signed as {$deed->subject} is gone.";
            } elseif (($deed->detail['digest'] ?? null) !== $snapshot->digest()) {
                $faults[] = "What was signed as {$deed->subject} was changed afterwards.";
            } elseif (($deed->detail['document'] ?? null) !== self::document($snapshot->examination_id)) {
                $faults[] = "What was recorded in {$deed->subject} was changed after it was signed.";
            }
        }

        return $faults;
    }

    /**
     * Examinations that went with whoever was erased; a stub that the log does not know takes none with it.
     *
     * @return array<string, true> by id
     */
    private static function erased(): array
    {
        $known = [];
        foreach (Deed::query()->where('what', What::AthleteErased)->lazy(200) as $deed) {
            $known[(string) $deed->subject] = $deed->detail['digest'] ?? null;
        }
        $erased = [];
        foreach (ErasedAthlete::query()->withoutGlobalScopes()->get() as $stub) {
            if (($known[$stub->id] ?? null) === $stub->digest()) {
                $erased += array_fill_keys($stub->examinations, true);
            }
        }

        return $erased;
    }

    private static function document(string $examination): ?string
    {
        $found = Examination::query()->withoutGlobalScopes()->with(['sections', 'findings'])->find($examination);

        return $found?->isSigned() === true ? Document::of($found)->digest() : null;
    }
}
