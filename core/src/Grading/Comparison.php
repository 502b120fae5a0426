<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading;

use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Findings\Record;
use GrayCompass\Core\Knee\EndFeel;

/** The same manoeuvre on the hurt and on the other knee. */
final class Comparison
{
    private const DIGITS = 6;

    private function __construct(public readonly Record $hurt, public readonly ?Record $other)
    {
    }

    /** Null when the manoeuvre was not done on the hurt knee. An unreliable other knee is as good as none. */
    public static function in(Examination $examination, string $manoeuvre): ?self
    {
        $hurt = $examination->hurt($manoeuvre);

        return $hurt === null ? null : new self($hurt, $examination->otherKneeReliable ? $examination->other($manoeuvre) : null);
    }

    /** Hurt minus other; 0 for two normal knees; null when either figure is missing. */
    public function difference(string $field): ?float
    {
        if ($this->other === null) {
            return null;
        }
        if ($this->hurt->normal && $this->other->normal) {
            return 0.0;
        }
        $hurt = $this->hurt->number($field);
        $other = $this->other->number($field);

        return $hurt === null || $other === null ? null : round($hurt - $other, self::DIGITS);
    }

    public function otherIsFirm(): bool
    {
        return $this->other !== null && $this->other->endFeel() === EndFeel::Firm;
    }

    public function reading(string $finding, Sign $sign, ?Exclusion $flaw = null, ?int $grade = null): Reading
    {
        return new Reading($finding, $this->hurt, $sign, $flaw, $grade);
    }
}
