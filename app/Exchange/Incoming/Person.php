<?php

declare(strict_types=1);

namespace App\Exchange\Incoming;

use Carbon\CarbonImmutable;

/** What a file says of whose knee it is. */
final readonly class Person
{
    /**
     * @param  string|null  $id  ULID of an athlete, where the file came from here
     * @param  string|null  $number  in the team
     * @param  string  $name  empty: not said
     * @param  string|null  $sex  female or male
     */
    public function __construct(
        public ?string $id = null,
        public ?string $number = null,
        public string $name = '',
        public ?CarbonImmutable $bornOn = null,
        public ?string $sex = null,
    ) {
    }

    /** Whether there is anything to find an athlete by. */
    public function isNamed(): bool
    {
        return $this->id !== null || $this->number !== null || ($this->name !== '' && $this->bornOn !== null);
    }

    /** The same for the same person in one file. */
    public function key(): string
    {
        return implode('|', [$this->id, $this->number, mb_strtolower($this->name), $this->bornOn?->toDateString()]);
    }

    /** As it is shown. */
    public function label(): string
    {
        return implode(', ', array_filter([$this->name, (string) $this->number, (string) $this->bornOn?->toDateString()]));
    }
}
