<?php

declare(strict_types=1);

namespace App\Clinic\Audit;

use App\Clinic\Models\Outcome;
use App\Platform\Audit\Deed;
use App\Platform\Audit\What;
use App\Trust\Audit\Checks\Check;
use App\Trust\Audit\Erased;

/** What knees turned out to have: each stands as it was entered last, unless it was removed. */
final readonly class Results implements Check
{
    private const SAID = [
        What::OutcomeAdded, What::OutcomeChanged, What::OutcomeRemoved, What::OutcomeRestored, What::FactsSealed,
    ];

    public function __construct(private Erased $erased)
    {
    }

    public function faults(): iterable
    {
        $said = [];
        foreach (Deed::query()->whereIn('what', self::SAID)->orderBy('id')->lazy(200) as $deed) {
            $id = $deed->detail['outcome'] ?? null;
            if (\is_string($id) && ! $this->erased->athlete((string) $deed->subject)) {
                $said[$id] = ['digest' => $deed->detail['digest'] ?? null, 'removed' => $deed->what === What::OutcomeRemoved];
            }
        }
        foreach (Outcome::withTrashed()->withoutGlobalScopes()->lazy(200) as $outcome) {
            $last = $said[$outcome->id] ?? null;
            if ($last === null || $last['digest'] !== $outcome->digest() || $last['removed'] !== $outcome->trashed()) {
                yield "Result {$outcome->id} is not as it was entered.";
            }
            unset($said[$outcome->id]);
        }
        foreach ($said as $id => $last) {
            // A day after it was removed its row goes too.
            if (! $last['removed']) {
                yield "Result {$id} is gone.";
            }
        }
    }
}
