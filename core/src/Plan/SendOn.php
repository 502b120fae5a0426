<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Findings\Facts\Fact;
use GrayCompass\Core\Findings\SafetyKey;
use GrayCompass\Core\Findings\StoryItem;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Level;
use GrayCompass\Core\Verdict\Bearings;
use GrayCompass\Core\Verdict\Consideration;

/**
 * Who must be sent on, worst first. What the hands found loose is sent whatever the chance; a base rate
 * alone sends nobody anywhere. Limits are working estimates.
 *
 * @internal
 */
final readonly class SendOn
{
    private const SURGEON = 'a knee surgeon';

    private const SURGEON_WITH_SCAN = 'a knee surgeon or sports doctor, with a scan (MRI)';

    private const OPERATOR = 'the surgeon who operated';

    private const SCAN = 'a scan (MRI)';

    private const XRAY = 'an X-ray';

    private const LOOSE_WITHOUT_INJURY = 0.2;

    private const CORNER_FROM = 0.2;

    private const OPEN_CRUCIATE = 0.3;

    private const OPEN_CORNER = 0.2;

    private const CATCHING_MENISCUS = 0.5;

    private const LOCKING_OWN = 0.3;

    private const LOCKING_EITHER = 0.6;

    private const BLOOD_CRUCIATE = 0.2;

    private const BLOOD_MENISCUS = 0.5;

    private const WORN_AGE = 40;

    private const CHILD_AGE = 16;

    private const XRAY_AGE = 55;

    private const MENISCI = [Condition::MedialMeniscus, Condition::LateralMeniscus];

    private const LIGAMENTS = [Condition::Acl, Condition::Pcl, Condition::Plc, Condition::Mcl, Condition::Lcl];

    private function __construct(private Bearings $bearings)
    {
    }

    /**
     * @return list<Referral>
     */
    public static function of(Bearings $bearings): array
    {
        $rules = new self($bearings);
        $sent = array_values(array_filter([
            ...$rules->safetyLines(),
            ...$rules->cruciates(),
            ...$rules->sides(),
            ...$rules->kneecap(),
            ...$rules->menisci(),
        ]));
        $sent = [...$sent, ...$rules->blood($sent)];
        $sent = [
            ...$sent,
            ...$rules->openQuestion($sent),
            ...$rules->alsoSeen(),
            ...$rules->operatedAndPositive($sent),
        ];
        usort($sent, static fn (Referral $a, Referral $b): int => $a->within->rank() <=> $b->within->rank());

        return $sent;
    }

    /**
     * @return list<Referral>
     */
    private function safetyLines(): array
    {
        $sent = [];
        foreach ($this->bearings->gate->lines as $line) {
            if ($line->urgency !== null) {
                $sheet = $line->sheet;
                $sent[] = new Referral(
                    $sheet->to, Within::by($line->urgency), $line->rule->value, $line->sheet->say, $sheet->question,
                    isXray: str_contains($sheet->to, 'X-ray'), isSurgeon: str_contains($sheet->to, 'surgeon'),
                );
            }
        }

        return $sent;
    }

    /**
     * @return list<Referral|null>
     */
    private function cruciates(): array
    {
        $sent = [];
        foreach ([Condition::Acl, Condition::Pcl] as $condition) {
            $level = $this->bearings->loose->cruciate($condition);
            $fresh = $this->bearings->isAfterInjury();
            $loose = $level !== null
                && (
                    $fresh
                    || $level === Level::Gross
                    || $this->bearings->chance($condition) >= self::LOOSE_WITHOUT_INJURY
                );
            $name = $condition->withArticle();
            $sent[] = match (true) {
                $loose => $this->surgeon(
                    $condition,
                    $fresh ? Within::TwoWeeks : Within::Routine,
                    'cruciate_loose',
                    "The shin gives more than it should: {$name} until shown otherwise.",
                    "{$name}?",
                    scan: true,
                ),
                $this->bearings->atAct($condition) => $this->surgeon(
                    $condition,
                    Within::TwoWeeks,
                    'cruciate_act',
                    ucfirst("{$name} is likely."),
                    "{$name}?",
                    scan: true,
                ),
                default => null,
            };
        }

        return $sent;
    }

    /**
     * @return list<Referral|null>
     */
    private function sides(): array
    {
        $bearings = $this->bearings;
        $thrust = $bearings->knee->is(Fact::ThrustsOutward)
            && (
                $bearings->standing->hasOwnPositive(Condition::Lcl)
                || $bearings->standing->hasOwnPositive(Condition::Plc)
            );
        $corner = $bearings->atAct(Condition::Plc)
            || $thrust
            || ($bearings->positive('dial_30') && $bearings->chance(Condition::Plc) >= self::CORNER_FROM);
        $outer = $bearings->atAct(Condition::Lcl) || $bearings->loose->opens(Condition::Lcl);
        $bent = $bearings->standing->result('valgus_30_laxity');
        $inner = $bearings->grade(Condition::Mcl) === 3
            && $bent?->isPositive() === true
            && $bent->reading->level === Level::Gross;
        $torn = array_filter(self::LIGAMENTS, static fn (Condition $condition): bool => $bearings->atAct($condition)
            && (! \in_array($condition, [Condition::Mcl, Condition::Lcl], true) || $bearings->grade($condition) >= 2));
        $names = implode(
            ' and ',
            array_map(static fn (Condition $condition): string => $condition->withArticle(), $torn),
        );

        return [
            $corner
                ? $this->surgeon(
                    Condition::Plc,
                    Within::Week,
                    'corner',
                    'The posterolateral corner may be hurt, and heals worse once late.',
                    'a posterolateral corner injury?',
                )
                : null,
            $outer
                ? $this->surgeon(
                    Condition::Lcl,
                    Within::Week,
                    'outer_side',
                    'The lateral side opens or is likely torn, seldom alone, and heals worse once late.',
                    'an LCL tear, with or without the corner?',
                )
                : null,
            $inner
                ? $this->surgeon(
                    Condition::Mcl,
                    Within::Week,
                    'inner_gross',
                    'The medial side opens by more than 10 mm, or without an end.',
                    'a complete MCL tear?',
                )
                : null,
            \count($torn) >= 2
                ? new Referral(
                    self::SURGEON,
                    Within::Week,
                    'two_ligaments',
                    'Two ligaments are likely torn.',
                    "{$names}?",
                    isSurgeon: true,
                )
                : null,
        ];
    }

    /**
     * @return list<Referral|null>
     */
    private function kneecap(): array
    {
        $bearings = $this->bearings;
        $history = $bearings->examination->history;
        $out = $history->said(StoryItem::KneecapShifted) || $history->said(StoryItem::KneecapReduced);
        $cameOut = $out && $bearings->hasFluid() && $history->answer(StoryItem::FirstDislocation) !== false;
        $xray = $bearings->examination->isGrowing() ? Within::SameDay : Within::Days;
        $why = 'The patella came out, and there is fluid: a piece of cartilage may be loose.';

        return [
            $cameOut
                ? new Referral(
                    self::XRAY,
                    $xray,
                    'kneecap_came_out',
                    $why,
                    'an osteochondral fragment after a dislocation of the patella?',
                    isXray: true,
                )
                : null,
            $cameOut
                ? $this->surgeon(
                    Condition::PatellarInstability,
                    Within::Week,
                    'kneecap_came_out',
                    $why,
                    'a loose fragment, and what follows a dislocation of the patella?',
                )
                : null,
            ! $cameOut && $bearings->atAct(Condition::PatellarInstability)
                ? new Referral(
                    'a kneecap surgeon, or a training programme',
                    Within::Routine,
                    'instability',
                    'Patellar instability is likely.',
                    'patellar instability: programme or surgery?',
                    isSurgeon: true,
                )
                    : null,
        ];
    }

    /**
     * @return list<Referral|null>
     */
    private function menisci(): array
    {
        $bearings = $this->bearings;
        $told = $bearings->examination->history->said(StoryItem::Locking);
        $young = ! $bearings->examination->isAtLeast(self::WORN_AGE);
        $sent = [];
        foreach (self::MENISCI as $condition) {
            $act = $bearings->atAct($condition);
            $own = $bearings->standing->hasOwnPositive($condition)
                && $bearings->chance($condition) >= self::LOCKING_OWN;
            $name = $condition->withArticle();
            $sent[] = match (true) {
                $told
                    && ($act || ($own && $bearings->anyMeniscus() >= self::LOCKING_EITHER)) => $this->scan(
                        'meniscus_locks',
                        'The knee locks, and a meniscus tear is likely.',
                        "{$name} that locks?",
                    ),
                $act
                    && $young
                    && $bearings->isAfterInjury() => $this->scan(
                        'meniscus_torn',
                        ucfirst("{$name} is likely after an injury."),
                        "{$name}?",
                    ),
                default => null,
            };
        }

        return $sent;
    }

    /**
     * @param  list<Referral>  $sent
     * @return list<Referral>
     */
    private function blood(array $sent): array
    {
        $bearings = $this->bearings;
        if (! $bearings->bloodLikely || $bearings->examination->safety->isTrue(SafetyKey::XrayClear)) {
            return [];
        }
        $today = $bearings->examination->isUnder(self::CHILD_AGE) || $bearings->examination->isAtLeast(self::XRAY_AGE);
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
    private function openQuestion(array $sent): array
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
    private function alsoSeen(): array
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
    private function operatedAndPositive(array $sent): array
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

    private function surgeon(
        Condition $condition,
        Within $within,
        string $rule,
        string $why,
        string $question,
        bool $scan = false,
    ): Referral {
        if ($this->bearings->of($condition)->isWithheld()) {
            return new Referral(self::OPERATOR, Within::Week, $rule, $why, $question, isSurgeon: true);
        }

        return new Referral(
            $scan ? self::SURGEON_WITH_SCAN : self::SURGEON,
            $within,
            $rule,
            $why,
            $question,
            isScan: $scan,
            isSurgeon: true,
        );
    }

    private function scan(string $rule, string $why, string $question): Referral
    {
        return new Referral(self::SCAN, Within::TwoWeeks, $rule, $why, $question, isScan: true);
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
