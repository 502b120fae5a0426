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
    /** Of an instrument that does not tell its spread. Working estimate. */
    private const BY_INSTRUMENT_MM = 0.5;

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
            $one === null || $two === null ? self::BY_INSTRUMENT_MM : self::ERRORS * \sqrt($one + $two),
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
