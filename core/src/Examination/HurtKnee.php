<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination;

use GrayCompass\Core\Examination\Facts\Fact;
use GrayCompass\Core\Examination\Facts\FactSubject;

/**
 * What was recorded of the hurt knee, asked one field at a time.
 *
 * @internal
 */
final readonly class HurtKnee
{
    public function __construct(public KneeExamination $examination)
    {
    }

    public function is(Fact $fact): bool
    {
        return $this->since($fact) !== null;
    }

    /**
     * Where in the document it began to be so; −1: before any finding; null: it is not so.
     *
     * @return int<-1, max>|null
     */
    public function since(Fact $fact): ?int
    {
        return $this->examination->facts->condition($fact->value)->since(new FactSubject($this));
    }

    public function done(string $manoeuvre): bool
    {
        return $this->record($manoeuvre) !== null;
    }

    public function record(string $manoeuvre): ?Record
    {
        return $this->examination->hurt($manoeuvre);
    }

    /**
     * Place in the document of what was recorded; −1 when nothing was.
     *
     * @return int<-1, max>
     */
    public function position(string $manoeuvre): int
    {
        return $this->examination->position($manoeuvre);
    }

    public function isNormal(string $manoeuvre): bool
    {
        return $this->record($manoeuvre)?->normal === true;
    }

    public function flag(string $manoeuvre, string $field): bool
    {
        return $this->record($manoeuvre)?->flag($field) === true;
    }

    /** The same is so on the other knee. */
    public function otherFlag(string $manoeuvre, string $field): bool
    {
        return $this->examination->other($manoeuvre)?->flag($field) === true;
    }

    /** So here and not on what it is compared with. */
    public function flagHereOnly(string $manoeuvre, string $field): bool
    {
        return $this->flag($manoeuvre, $field)
            && $this->examination->compared($manoeuvre)?->flag($field) !== true;
    }

    public function word(string $manoeuvre, string $field): ?string
    {
        return $this->record($manoeuvre)?->word($field);
    }

    public function says(string $manoeuvre, string $field, string ...$words): bool
    {
        return \in_array($this->word($manoeuvre, $field), $words, true);
    }

    /**
     * @return list<string>
     */
    public function words(string $manoeuvre, string $field): array
    {
        return $this->record($manoeuvre)?->words($field) ?? [];
    }

    public function tender(string ...$landmarks): bool
    {
        return array_intersect($this->words('landmark_palpation', 'tender'), $landmarks) !== [];
    }

    public function number(string $manoeuvre, string $field): ?float
    {
        return $this->record($manoeuvre)?->number($field);
    }

    /** Hurt minus what it is compared with; null without a comparison. */
    public function difference(string $manoeuvre, string $field): ?float
    {
        return Record::difference($this->record($manoeuvre), $this->examination->compared($manoeuvre), $field);
    }

    /** Bend that was reached, in degrees: by hand or by the athlete, whichever is more; null: not measured. */
    public function bendReached(): ?float
    {
        $bends = array_filter(
            [$this->number('flexion_range', 'flexionDeg'), $this->number('active_range', 'flexionDeg')],
            static fn (?float $bend): bool => $bend !== null,
        );

        return $bends === [] ? null : \max($bends);
    }
}
