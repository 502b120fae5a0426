<?php

declare(strict_types=1);

namespace App\Club\Athletes;

use App\Club\Models\Athlete;
use RuntimeException;

/** Someone with the same birth date and much the same name is here already. */
final class SimilarAthletes extends RuntimeException
{
    /**
     * @param  list<Athlete>  $athletes  archived ones too
     */
    public function __construct(public readonly array $athletes)
    {
        parent::__construct('A similar athlete is here already.');
    }
}
