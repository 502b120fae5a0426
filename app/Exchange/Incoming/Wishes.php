<?php

declare(strict_types=1);

namespace App\Exchange\Incoming;

use App\Exchange\Values\SignedAs;

/** How a person wants a file to be read. */
final readonly class Wishes
{
    /**
     * @param  string|null  $athlete  id of the athlete whose is all that names nobody; null: not said
     * @param  string  $squad  of athletes who are not in the lists yet; empty: nobody is added
     */
    public function __construct(
        public ?string $athlete = null, public string $squad = '', public SignedAs $signed = SignedAs::History,
    ) {
    }
}
