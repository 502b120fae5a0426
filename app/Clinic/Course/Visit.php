<?php

declare(strict_types=1);

namespace App\Clinic\Course;

use App\Clinic\Models\Examination;
use App\Clinic\Values\Predicted;

/** One signed look at a knee, as it stands among the others. */
final readonly class Visit
{
    /**
     * @param  list<Predicted>  $chances  most likely first
     * @param  array<string, float>  $values  by curve; what was not measured is not among them
     * @param  array<string, int>  $grades  by curve, where a grade was judged
     */
    public function __construct(
        public Examination $examination,
        public array $chances,
        public array $values,
        public array $grades,
    ) {
    }
}
