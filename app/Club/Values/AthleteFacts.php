<?php

declare(strict_types=1);

namespace App\Club\Values;

use Carbon\CarbonImmutable;

/** What someone says of an athlete; only the first three must be known. */
final readonly class AthleteFacts
{
    /**
     * @param  array<string, string|int>  $profile  what else is known, by name; see AthleteRequest
     */
    public function __construct(
        public string $name,
        public CarbonImmutable $bornOn,
        public string $squad,
        public ?string $number = null,
        public array $profile = [],
    ) {
    }

    /**
     * @return array<string, mixed>
     */
    public function columns(): array
    {
        return [
            'name' => $this->name, 'born_on' => $this->bornOn, 'squad' => $this->squad, 'number' => $this->number,
            'profile' => $this->profile === [] ? null : (object) $this->profile,
        ];
    }
}
