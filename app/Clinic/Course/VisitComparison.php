<?php

declare(strict_types=1);

namespace App\Clinic\Course;

use GrayCompass\Core\Course\Change;
use GrayCompass\Core\Course\CourseMeasure;

/**
 * Two visits beside each other: what one hand may miss is no change.
 *
 * @phpstan-type ComparedLine array{
 *     what: string, unit: string, before: float|null, after: float|null, gradeBefore: int|null, gradeAfter: int|null,
 *     change: string|null, changeLabel: string, error: float|null
 * }
 */
final readonly class VisitComparison
{
    /**
     * @param  list<CourseMeasure>  $curves
     */
    private function __construct(private array $curves, private Visit $before, private Visit $after)
    {
    }

    /**
     * @param  list<CourseMeasure>  $curves
     */
    public static function of(array $curves, Visit $before, Visit $after): self
    {
        return new self($curves, $before, $after);
    }

    /**
     * What was measured or graded at least once, then the chances.
     *
     * @return list<ComparedLine>
     */
    public function lines(): array
    {
        $lines = [];
        foreach ($this->curves as $curve) {
            $before = $this->before->values[$curve->id] ?? null;
            $after = $this->after->values[$curve->id] ?? null;
            $gradeBefore = $this->before->grades[$curve->id] ?? null;
            $gradeAfter = $this->after->grades[$curve->id] ?? null;
            if ($before !== null || $after !== null || $gradeBefore !== null || $gradeAfter !== null) {
                $lines[] = self::line(
                    $curve->label, $curve->unit, $before, $after,
                    Change::of($curve, $before, $after) ?? Change::ofGrades($gradeBefore, $gradeAfter), $curve->error,
                    $gradeBefore, $gradeAfter,
                );
            }
        }
        foreach ($this->after->chances as $after) {
            foreach ($this->before->chances as $before) {
                if ($before->condition === $after->condition) {
                    $change = Change::ofChance($before->chance, $before->low, $before->high, $after->chance);
                    $lines[] = self::line(
                        ucfirst($after->condition->label()), 'of 100',
                        100 * $before->chance, 100 * $after->chance, $change,
                    );
                }
            }
        }

        return $lines;
    }

    /**
     * @return ComparedLine
     */
    private static function line(
        string $what, string $unit, ?float $before, ?float $after, ?Change $change, ?float $error = null,
        ?int $gradeBefore = null, ?int $gradeAfter = null,
    ): array {
        return [
            'what' => $what, 'unit' => $unit, 'before' => $before, 'after' => $after,
            'gradeBefore' => $gradeBefore, 'gradeAfter' => $gradeAfter,
            'change' => $change?->value, 'changeLabel' => $change?->label() ?? __('clinic.visitComparison.measured_once'), 'error' => $error,
        ];
    }
}
