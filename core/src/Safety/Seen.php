<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use GrayCompass\Core\Findings\Record;
use GrayCompass\Core\Knee\Side;

/** What the findings so far say of the hurt leg, for rules that a finding can raise. */
final class Seen
{
    /**
     * @param  list<Record>  $records
     */
    public function __construct(private readonly array $records, private readonly Side $hurtSide)
    {
    }

    public function flag(string $manoeuvre, string $field): bool
    {
        return $this->any($manoeuvre, static fn (Record $record): bool => $record->flag($field) === true);
    }

    public function word(string $manoeuvre, string $field, string $word): bool
    {
        return $this->any($manoeuvre, static fn (Record $record): bool => $record->word($field) === $word);
    }

    /**
     * @param  callable(Record): bool  $test
     */
    private function any(string $manoeuvre, callable $test): bool
    {
        foreach ($this->records as $record) {
            if ($record->manoeuvre->id === $manoeuvre && $record->side === $this->hurtSide && $test($record)) {
                return true;
            }
        }

        return false;
    }
}
