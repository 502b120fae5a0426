<?php

declare(strict_types=1);

namespace GrayCompass\Core\Course;

use GrayCompass\Core\Examination\HurtKnee;

/** One measure that is followed from visit to visit. */
final readonly class CourseMeasure
{
    /**
     * @param  float  $error  what two looks of one hand may differ by on the same knee, in its unit
     * @param  list<string>  $of  manoeuvres
     */
    public function __construct(
        public string $id,
        public string $label,
        public string $unit,
        public float $error,
        public Better $better,
        private How $how,
        private array $of = [],
        private string $field = '',
    ) {
    }

    /**
     * @param  float|null  $fluid  grade that was judged at that visit
     * @return float|null null where it was not measured
     */
    public function value(HurtKnee $knee, ?float $fluid): ?float
    {
        return match ($this->how) {
            How::Fluid => $fluid,
            How::Pain => $knee->examination->history->painNow,
            How::Difference => $this->greatest(fn (string $one): ?float => $knee->difference($one, $this->field)),
            How::Hurt => $this->greatest(fn (string $one): ?float => $knee->number($one, $this->field)),
        };
    }

    /**
     * @param  callable(string): (float|null)  $measured
     */
    private function greatest(callable $measured): ?float
    {
        $values = array_filter(array_map($measured, $this->of), static fn (?float $one): bool => $one !== null);

        return $values === [] ? null : \max($values);
    }
}
