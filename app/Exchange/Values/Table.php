<?php

declare(strict_types=1);

namespace App\Exchange\Values;

/** The tables of an export; a file each. */
enum Table: string
{
    case Athletes = 'athletes';
    case Visits = 'visits';
    case Measures = 'measures';
    case Probabilities = 'probabilities';
    case Results = 'results';
    case ReferenceResults = 'reference_results';
    case Tasks = 'tasks';
    case Evidence = 'evidence';

    public function file(): string
    {
        return "{$this->value}.csv";
    }
}
