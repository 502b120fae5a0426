<?php

declare(strict_types=1);

namespace GrayCompass\Core\Fhir;

use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Side;

/** What one look at a knee said of its conditions, as it leaves or comes in. */
final readonly class ReferenceResult
{
    /**
     * @param  string  $id  of the record; empty: it came in, and has none here
     * @param  string  $kind  the kind of look, such as `mri`
     * @param  string  $name  of the kind, on paper; empty where it came in
     * @param  bool  $isProcedure  an operation or arthroscopy; otherwise a report
     * @param  string  $on  date
     * @param  list<array{condition: Condition, seen: string, grade: int|null}>  $answers
     * @param  string  $note  empty: none
     */
    public function __construct(
        public string $id,
        public string $kind,
        public string $name,
        public bool $isProcedure,
        public string $on,
        public Side $side,
        public array $answers,
        public string $note = '',
    ) {
    }
}
