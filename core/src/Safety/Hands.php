<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Findings\HurtKnee;
use GrayCompass\Core\Findings\SafetyKey as Key;

/**
 * What findings of the hurt knee answer to the questions of the gate. A finding that was done and does
 * not say yes answers no. All limits are working estimates but for the four of the ankle-and-knee
 * fracture rule (Stiell 1996: four steps, 90° of bend, patella, fibular head).
 *
 * @internal
 */
final readonly class Hands
{
    private const FRESH_DAYS = 14;

    private const LAG_DEG = 10.0;

    private const SHORT_DEG = 10.0;

    private const FREE_BEND_DEG = 90.0;

    private const LOW_INDEX = 0.9;

    private const SEVERE_PAIN = 7.0;

    private const EXTENSOR = ['quadriceps_tendon', 'kneecap_front', 'lower_pole', 'patellar_tendon', 'tibial_tubercle'];

    private const BESIDE_THE_PATELLA = ['fibular_head', 'tibial_tubercle', 'medial_epicondyle', 'lateral_epicondyle'];

    private HurtKnee $knee;

    private bool $fresh;

    public function __construct(private Examination $examination)
    {
        $this->knee = new HurtKnee($examination);
        $this->fresh = $examination->injuredWithin(self::FRESH_DAYS);
    }

    /** Null: no finding speaks to this question. */
    public function on(Key $key): ?Heard
    {
        return match ($key) {
            Key::Deformity => $this->deformity(),
            Key::CannotStraightLegRaise => $this->raise(),
            Key::LockedShort => $this->locked(),
            Key::CannotFlexTo90 => $this->bend(),
            Key::TenderFibularHead => $this->landmark($this->fresh && $this->knee->tender('fibular_head')),
            Key::TenderPatellaAlone => $this->landmark(
                $this->fresh
                    && $this->knee->tender('kneecap_front')
                    && ! $this->knee->tender(...self::BESIDE_THE_PATELLA),
            ),
            Key::CannotTakeFourSteps => $this->steps(),
            Key::PainAtRest7 => $this->pain(),
            Key::FootDropped => $this->foot(),
            Key::PulseOrSensationLost => $this->circulation(),
            Key::LimpHipLimited => $this->hip(),
            Key::ShinPainGrows => $this->shin(),
            default => null,
        };
    }

    /** Pulse or ankle pressure is not normal, whenever the injury was. */
    public function pulseIsLost(): bool
    {
        $index = $this->knee->number('distal_pulse', 'pressureIndex');

        return $this->examination->pulseWasMissing()
            || $this->knee->says('distal_pulse', 'result', 'abnormal')
            || ($index !== null && $index < self::LOW_INDEX);
    }

    /** Sensation is altered, not known to be old, and not where a fresh injury raises a line of its own. */
    public function altersSensationOtherwise(): bool
    {
        return $this->feelsNewly() && ! $this->nerveOfTheFoot() && ! $this->footIsNumb();
    }

    /** A lag is there, by whichever test, of ten degrees or more; without degrees it counts as ten. */
    public function lags(): bool
    {
        $told = $this->knee->number('straight_leg_raise', 'lagDeg')
            ?? ($this->knee->says('straight_leg_raise', 'result', 'lag') ? self::LAG_DEG : 0.0);

        return \max($told, $this->knee->number('active_range', 'lagDeg') ?? 0.0) >= self::LAG_DEG;
    }

    private function deformity(): ?Heard
    {
        $record = $this->knee->record('inspection');
        $seen = $record?->flag('deformity');
        if ($record === null || ($seen === null && ! $record->normal)) {
            return null;
        }

        return new Heard($seen === true && $this->fresh, $record->position);
    }

    private function raise(): ?Heard
    {
        $at = \max($this->knee->position('straight_leg_raise'), $this->knee->position('active_range'));
        $unable = $this->knee->says('straight_leg_raise', 'result', 'unable');
        $tender = $this->knee->tender(...self::EXTENSOR) || $this->knee->flag('kneecap_tendon', 'tender');
        if (! $unable && $this->lags() && $this->fresh && $tender) {
            return new Heard(
                true,
                \max($at, $this->knee->position('landmark_palpation'), $this->knee->position('kneecap_tendon')),
            );
        }
        if ($unable) {
            return new Heard(true, $this->knee->position('straight_leg_raise'));
        }

        return $this->knee->done('straight_leg_raise') ? new Heard(false, $at) : null;
    }

    private function locked(): ?Heard
    {
        $record = $this->knee->record('passive_extension');
        if ($record === null) {
            return null;
        }
        $short = -($this->knee->difference('passive_extension', 'extensionDeg') ?? $record->number('extensionDeg') ?? 0.0);

        return new Heard($short >= self::SHORT_DEG && $record->word('endFeel') === 'springy', $record->position);
    }

    private function bend(): ?Heard
    {
        $no = null;
        foreach (['flexion_range', 'active_range'] as $range) {
            $reached = $this->knee->number($range, 'flexionDeg');
            if (
                $this->fresh
                && ($this->knee->leftOutForPain($range) || ($reached !== null && $reached < self::FREE_BEND_DEG))
            ) {
                return new Heard(true, $this->knee->position($range));
            }
            if ($reached !== null || $this->knee->isNormal($range)) {
                $no = new Heard(false, $this->knee->position($range));
            }
        }

        return $no;
    }

    private function landmark(bool $yes): ?Heard
    {
        return $this->knee->done('landmark_palpation')
            ? new Heard($yes, $this->knee->position('landmark_palpation'))
            : null;
    }

    private function steps(): ?Heard
    {
        if ($this->fresh && $this->knee->leftOutForPain('gait')) {
            return new Heard(true, $this->knee->position('gait'));
        }

        return $this->knee->done('gait') ? new Heard(false, $this->knee->position('gait')) : null;
    }

    private function pain(): ?Heard
    {
        $severe = ($this->examination->history->painNow ?? 0.0) >= self::SEVERE_PAIN;
        $asked = $this->examination->safety->answered(Key::PainAtRest7);

        return $severe && ! $asked && ! $this->examination->isOnTouchline() ? new Heard(true, -1) : null;
    }

    private function foot(): ?Heard
    {
        $lift = $this->knee->position('ankle_lift');
        if (
            $this->knee->says('ankle_lift', 'result', 'abnormal')
            || $this->knee->says('ankle_lift', 'turnsOut', 'weak')
        ) {
            return new Heard(true, $lift);
        }
        if ($this->fresh && $this->feelsNewly() && $this->nerveOfTheFoot()) {
            return new Heard(true, $this->knee->position('sensation'));
        }

        return $this->knee->done('ankle_lift') ? new Heard(false, $lift) : null;
    }

    private function circulation(): ?Heard
    {
        if ($this->fresh && $this->pulseIsLost()) {
            return new Heard(true, $this->knee->position('distal_pulse'));
        }
        if ($this->fresh && $this->feelsNewly() && $this->footIsNumb()) {
            return new Heard(true, $this->knee->position('sensation'));
        }
        $done = [$this->knee->done('distal_pulse'), $this->knee->done('sensation')];

        return $done === [false, false] ? null : new Heard(false, -1, wholly: $done === [true, true]);
    }

    private function hip(): ?Heard
    {
        $record = $this->knee->record('hip_screen');
        if ($record === null) {
            return null;
        }
        $limited = $this->knee->flag('hip_screen', 'inwardRotationLimited');
        $oneSided = $limited && ! $this->knee->otherFlag('hip_screen', 'inwardRotationLimited');
        $limping = $limited && $this->knee->limps() && ! $this->examination->isAfterInjury();
        $young = ! $this->examination->isAtLeast(Examination::GROWN_YEARS);

        return new Heard(
            $young && ($oneSided || $limping),
            $oneSided ? $record->position : \max($record->position, $this->knee->position('gait')),
        );
    }

    private function shin(): ?Heard
    {
        foreach (['tibial_percussion', 'tibial_vibration'] as $tap) {
            if ($this->knee->flag($tap, 'lingeringPain')) {
                return new Heard(true, $this->knee->position($tap));
            }
        }
        $point = ! $this->examination->isAfterInjury() && $this->knee->says('shin_palpation', 'tender', 'point');

        return $point ? new Heard(true, $this->knee->position('shin_palpation')) : null;
    }

    private function feelsNewly(): bool
    {
        return $this->knee->says('sensation', 'result', 'abnormal') && ! $this->knee->says('sensation', 'since', 'old');
    }

    /** Web of the first toe and outer shin: the common peroneal nerve. */
    private function nerveOfTheFoot(): bool
    {
        return $this->fresh && $this->knee->says('sensation', 'where', 'web', 'outer_shin');
    }

    private function footIsNumb(): bool
    {
        return $this->fresh
            && (
                $this->knee->word('sensation', 'where') === null
                || $this->knee->says('sensation', 'where', 'foot', 'stocking')
            );
    }
}
