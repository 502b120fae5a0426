<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Findings\SafetyKey;
use GrayCompass\Core\Findings\StoryItem;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Verdict\Consideration;

/**
 * What depends on who is sent already: blood, open questions, what else was seen, and a knee that was operated on. Limits are working estimates.
 *
 * @internal
 */
final readonly class LaterReferrals extends Referrals
{
    private const OPEN_CRUCIATE = 0.3;

    private const OPEN_CORNER = 0.2;

    private const CATCHING_MENISCUS = 0.5;

    private const BLOOD_CRUCIATE = 0.2;

    private const BLOOD_MENISCUS = 0.5;

    /**
     * @param  list<Referral>  $sent
     * @return list<Referral>
     */
    public function blood(array $sent): array
    {
        $bearings = $this->bearings;
        if (! $bearings->bloodLikely || $bearings->examination->safety->isTrue(SafetyKey::XrayClear)) {
            return [];
        }
        $today = $bearings->examination->isChild() || $bearings->examination->isOfXrayAge();
        $why = 'Blood in the joint is likely.';
        $xray = new Referral(
            self::XRAY,
            $today ? Within::SameDay : Within::Days,
            'blood',
            $why,
            'a fracture? Blood in the joint is likely.',
            isXray: true,
        );

        return $this->scanForBlood($sent)
            ? [$xray, $this->scan('blood', "{$why} What bled?", 'what bled into the joint?')]
            : [$xray];
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
     * What was tested and stays open.
     *
     * @param  list<Referral>  $sent
     * @return list<Referral>
     */
    public function openQuestion(array $sent): array
    {
        $bearings = $this->bearings;
        if (array_filter($sent, static fn (Referral $one): bool => $one->settles()) !== []) {
            return [];
        }
        $catches = $bearings->examination->history->said(StoryItem::Catching);
        foreach ([[
            Condition::Acl, self::OPEN_CRUCIATE,
        ], [Condition::Pcl, self::OPEN_CRUCIATE], [Condition::Plc, self::OPEN_CORNER],
            [Condition::MedialMeniscus, $catches ? self::CATCHING_MENISCUS : 1.0], [
                Condition::LateralMeniscus,
                $catches ? self::CATCHING_MENISCUS : 1.0,
            ]] as [$condition, $from]) {
            $verdict = $bearings->of($condition);
            if (
                $verdict->posttest() >= $from
                && $verdict->tested
                && ! $verdict->unsettled
                && ! $verdict->isWithheld()
            ) {
                $within = $bearings->isAfterInjury() ? Within::TwoWeeks : Within::Routine;
                $name = $condition->withArticle();

                return [new Referral(
                    self::SCAN,
                    $within,
                    'open_question',
                    ucfirst("{$name} stays open after all tests."),
                    "{$name}? It stays open after all tests.",
                    isScan: true,
                )];
            }
        }

        return [];
    }

    /**
     * @return list<Referral>
     */
    public function alsoSeen(): array
    {
        $doctor = array_filter($this->bearings->also, static fn (Consideration $other): bool => $other->needsDoctor);

        return array_values(array_map(
            static fn (Consideration $other): Referral => new Referral(
                'a doctor',
                Within::Routine,
                $other->id === 'popliteal_cyst' ? 'cyst' : $other->id,
                $other->why,
                lcfirst($other->why),
            ),
            $doctor,
        ));
    }

    /**
     * A structure that was operated on and tests positive goes to the one who operated.
     *
     * @param  list<Referral>  $sent
     * @return list<Referral>
     */
    public function operatedAndPositive(array $sent): array
    {
        $already = array_filter(
            $sent,
            static fn (Referral $one): bool => $one->to === self::OPERATOR
                && $one->within->rank() <= Within::Week->rank(),
        );
        foreach ($already === [] ? Condition::cases() : [] as $condition) {
            if (
                $this->bearings->of($condition)->isWithheld()
                && $this->bearings->standing->hasOwnPositive($condition)
            ) {
                return [new Referral(
                    self::OPERATOR,
                    Within::Week,
                    'operated_positive',
                    'A test of an operated knee is positive.',
                    "{$condition->withArticle()} after the operation?",
                    isSurgeon: true,
                )];
            }
        }

        return [];
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
