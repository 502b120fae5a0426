<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Examination\HistoryItem;
use GrayCompass\Core\Examination\SafetyKey;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Safety\Destination;
use GrayCompass\Core\Safety\Urgency;
use GrayCompass\Core\Sentences\Sentence;
use GrayCompass\Core\Verdict\Consideration;

/**
 * What depends on who is sent already: blood, open questions, and what else was seen. Limits are working estimates.
 *
 * @internal
 */
final readonly class LaterReferrals extends Referrals
{
    public const BLOOD = 'blood';

    private const OPEN_CRUCIATE = 0.3;

    private const OPEN_CORNER = 0.2;

    private const CATCHING_MENISCUS = 0.5;

    private const UNSETTLED_CRUCIATE = 0.5;

    private const FRESH_DAYS = 14;

    private const BLOOD_CRUCIATE = 0.2;

    private const BLOOD_MENISCUS = 0.5;

    /**
     * @param  list<Referral>  $sent
     * @return list<Referral>
     */
    public function blood(array $sent): array
    {
        $bearings = $this->bearings;
        $urgency = $bearings->blood->urgency($bearings->gate->book->steps);
        if ($urgency === null) {
            return [];
        }
        $why = new Sentence('refer.blood');
        $imaged = $bearings->examination->safety->isTrue(SafetyKey::XrayClear);
        $later = Within::by($urgency->isWorseThan(Urgency::TwoWeeks) ? Urgency::TwoWeeks : $urgency);
        $graft = $bearings->hasGraft();

        return array_values(array_filter([
            $imaged ? null : $this->xray(
                self::BLOOD,
                Within::by($urgency),
                $why,
                new Sentence('refer.blood.fracture'),
            ),
            $graft ? $this->operator(
                Within::Week,
                self::BLOOD,
                new Sentence('refer.blood.graft'),
                new Sentence('refer.blood.graft.asked'),
            ) : null,
            ! $graft && ($imaged || $urgency !== Urgency::Routine) && $this->scanForBlood($sent)
                ? $this->scan(self::BLOOD, new Sentence('refer.blood.what_bled'), new Sentence('refer.blood.asked'), $later)
                : null,
        ]));
    }

    /**
     * @param  list<Referral>  $sent
     */
    private function scanForBlood(array $sent): bool
    {
        $bearings = $this->bearings;
        $worth = $bearings->fluidGrade() >= 2
            || \max(
                $bearings->chance(Condition::Acl),
                $bearings->chance(Condition::Pcl),
                $bearings->chance(Condition::PatellarInstability),
            ) >= self::BLOOD_CRUCIATE
            || \max(
                $bearings->chance(Condition::MedialMeniscus),
                $bearings->chance(Condition::LateralMeniscus),
            ) >= self::BLOOD_MENISCUS;

        return $worth && ! self::isSettledSoon($sent) && $bearings->holds->for('lachman')?->rule === null;
    }

    /**
     * What was tested and stays open, and a cruciate that could not be tested and is as likely torn as not.
     *
     * @param  list<Referral>  $sent
     * @return list<Referral>
     */
    public function openQuestion(array $sent): array
    {
        if (array_filter($sent, static fn (Referral $one): bool => $one->settles()) !== []) {
            return [];
        }
        $catches = $this->bearings->examination->history->isYes(HistoryItem::Catching);
        $meniscus = $catches ? self::CATCHING_MENISCUS : 1.0;
        foreach ([
            [Condition::Acl, self::OPEN_CRUCIATE],
            [Condition::Pcl, self::OPEN_CRUCIATE],
            [Condition::Plc, self::OPEN_CORNER],
            [Condition::MedialMeniscus, $meniscus],
            [Condition::LateralMeniscus, $meniscus],
        ] as [$condition, $from]) {
            $referral = $this->isOpen($condition, $from) ? $this->question($condition) : null;
            if ($referral !== null) {
                return [$referral];
            }
        }

        return [];
    }

    private function isOpen(Condition $condition, float $from): bool
    {
        $verdict = $this->bearings->of($condition);
        if ($verdict->isWithheld() || $verdict->known !== null) {
            return false;
        }
        $unsettledLong = $condition->isCruciate()
            && $verdict->unsettled
            && $verdict->posttest() >= self::UNSETTLED_CRUCIATE
            && $this->isSecondLook();

        return $unsettledLong || ($verdict->posttest() >= $from && $verdict->tested && ! $verdict->unsettled);
    }

    /** Not a first look at a fresh knee: what could not be tested by now will not be by itself. */
    private function isSecondLook(): bool
    {
        $examination = $this->bearings->examination;

        return $examination->route->looksAgain()
            || $examination->earlier !== []
            || ($examination->isAfterInjury() && ! $examination->injuredWithin(self::FRESH_DAYS));
    }

    private function question(Condition $condition): Referral
    {
        $unsettled = $this->bearings->of($condition)->unsettled;
        $why = $unsettled ? 'untested' : 'open';
        $values = ['condition' => $condition->withArticle()];

        return $this->scan(
            'open_question',
            new Sentence("refer.{$why}", $values),
            new Sentence("refer.{$why}.asked", $values),
            $unsettled || $this->bearings->isAfterInjury() ? Within::TwoWeeks : Within::Routine,
            byChance: true,
            asks: [$condition],
        );
    }

    /**
     * @return list<Referral>
     */
    public function alsoSeen(): array
    {
        $doctor = array_filter($this->bearings->also, static fn (Consideration $other): bool => $other->needsDoctor);

        return array_values(array_map(
            static fn (Consideration $other): Referral => new Referral(
                Destination::Doctor,
                $other->soon ? Within::Days : Within::Routine,
                $other->id === 'popliteal_cyst' ? 'cyst' : $other->id,
                new Sentence('written', ['words' => $other->why]),
                new Sentence('written', ['words' => lcfirst($other->why)]),
            ),
            $doctor,
        ));
    }

    /**
     * @param  list<Referral>  $sent
     */
    private static function isSettledSoon(array $sent): bool
    {
        return array_filter(
            $sent,
            static fn (Referral $one): bool => $one->settles() && $one->within->rank() <= Within::TwoWeeks->rank(),
        ) !== [];
    }
}
