<?php

declare(strict_types=1);

namespace GrayCompass\Core\Conclusions;

use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Grading\Comparison;

/** What was recorded of the hurt knee, asked one field at a time. */
final class HurtKnee
{
    public function __construct(private readonly Examination $examination)
    {
    }

    public function flag(string $manoeuvre, string $field): bool
    {
        return $this->examination->hurt($manoeuvre)?->flag($field) === true;
    }

    public function word(string $manoeuvre, string $field): ?string
    {
        return $this->examination->hurt($manoeuvre)?->word($field);
    }

    /**
     * @return list<string>
     */
    public function words(string $manoeuvre, string $field): array
    {
        return $this->examination->hurt($manoeuvre)?->words($field) ?? [];
    }

    public function number(string $manoeuvre, string $field): ?float
    {
        return $this->examination->hurt($manoeuvre)?->number($field);
    }

    /** Hurt minus other. */
    public function difference(string $manoeuvre, string $field): ?float
    {
        return Comparison::in($this->examination, $manoeuvre)?->difference($field);
    }
}
