<?php

declare(strict_types=1);

namespace App\Trust\Audit;

use App\Platform\Audit\AuditEntry;
use App\Platform\Audit\AuditEvent;
use App\Trust\Models\ErasedAthlete;

/** Who was erased, and what went with them; a stub that the log does not know takes nothing with it. */
final class Erased
{
    /** @var array<string, true>|null */
    private ?array $examinations = null;

    /** @var array<string, true> */
    private array $athletes = [];

    public function examination(string $id): bool
    {
        return isset($this->read()[$id]);
    }

    public function athlete(string $id): bool
    {
        $this->read();

        return isset($this->athletes[$id]);
    }

    /**
     * @return array<string, true>
     */
    private function read(): array
    {
        if ($this->examinations !== null) {
            return $this->examinations;
        }
        $known = [];
        foreach (AuditEntry::query()->where('event', AuditEvent::AthleteErased)->lazy(200) as $entry) {
            $known[(string) $entry->subject] = $entry->detail['digest'] ?? null;
        }
        $this->examinations = [];
        foreach (ErasedAthlete::query()->withoutGlobalScopes()->get() as $stub) {
            if (($known[$stub->id] ?? null) === $stub->digest()) {
                $this->examinations += array_fill_keys($stub->examinations, true);
                $this->athletes[$stub->id] = true;
            }
        }

        return $this->examinations;
    }
}
