<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Values;

use GrayCompass\Core\Examination\FigureSource;

/**
 * How far below a limit a difference between the knees may still be above it, in mm, by what measured both.
 *
 * @internal
 */
final readonly class Margin
{
    /** At least, for the pulls of one sitting do not show how the instrument was placed. Working estimate. */
    private const LEAST_MM = 0.5;

    /** So many standard errors hold 95 of 100 means; to ask for that many is a working estimate. */
    private const ERRORS = 1.96;

    /**
     * @param  float|null  $mm  of the instruments; null: hands measured, and the school says how far they err
     */
    private function __construct(private ?float $mm, public Exclusion $flaw)
    {
    }

    public static function byHand(): self
    {
        return new self(null, Exclusion::WithinHandError);
    }

    /** By hand unless an instrument took both figures; then by how far its pulls differ. */
    public static function of(?FigureSource $hurt, ?FigureSource $other): self
    {
        if ($hurt === null || $other === null) {
            return self::byHand();
        }
        [$one, $two] = [$hurt->squaredError(), $other->squaredError()];

        return new self(
            \max(self::LEAST_MM, self::ERRORS * \sqrt(($one ?? 0.0) + ($two ?? 0.0))),
            Exclusion::WithinInstrumentError,
        );
    }

    /**
     * Whether a difference under a limit lies too near to it to be called normal; all in mm.
     *
     * @param  float  $byHand  how far hands err
     */
    public function reaches(float $difference, float $limit, float $byHand): bool
    {
        return $difference >= $limit - ($this->mm ?? $byHand);
    }

    public function isOfInstruments(): bool
    {
        return $this->mm !== null;
    }
}
