<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Findings\Facts\Fact;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Safety\Rule;
use GrayCompass\Core\Verdict\Bearings;
use GrayCompass\Core\Verdict\Consideration;

/**
 * Every reason to look at a knee again, each with its window in days; the earliest start wins. Working estimates.
 *
 * @internal
 */
final readonly class Reviews
{
    private const RESULT_DUE = 14;

    private const AFTER_XRAY = 7;

    private const XRAY_FIRST = [Rule::FractureRulePositive, Rule::GrowingBone, Rule::FractureLikely];

    private const MENISCI = [Condition::MedialMeniscus, Condition::LateralMeniscus];

    private const HOURS = 'Look whether the knee swells at the next break, two hours after, and tomorrow morning; '
        .'stop if it does.';

    /** Said where several reasons share a start: those that come first matter most. */
    private const SHOWN = 2;

    /**
     * @param  list<Referral>  $sendOn
     */
    private function __construct(
        private Bearings $bearings,
        private array $sendOn,
        private Support $support,
        private Play $play,
    ) {
    }

    /**
     * @param  list<Referral>  $sendOn
     */
    public static function of(Bearings $bearings, array $sendOn, Support $support, Play $play): ?LookAgain
    {
        return (new self($bearings, $sendOn, $support, $play))->decided();
    }

    private function decided(): ?LookAgain
    {
        if ($this->bearings->isSoundBaseline()) {
            return null;
        }
        $hours = $this->play->answer->mayGoOn() ? self::HOURS : '';
        if ($this->bearings->gate->isToday()) {
            return $this->bearings->gate->isEmergency() || ! $this->bearings->raised(...self::XRAY_FIRST)
                ? new LookAgain(null, null, LookAgain::SEEN_THERE, 'Others see the knee today and decide.')
                : new LookAgain(null, self::AFTER_XRAY, LookAgain::RESULT, 'After the X-ray the tests that were held.');
        }
        $dated = $this->dated();
        if ($dated !== []) {
            usort($dated, static fn (array $a, array $b): int => [$a[0], $a[1]] <=> [$b[0], $b[1]]);
            [$from, $to] = $dated[0];
            $whys = array_unique(array_map(
                static fn (array $row): string => $row[2],
                array_filter($dated, static fn (array $row): bool => $row[0] === $from),
            ));

            return new LookAgain($from, $to, null, implode(' ', \array_slice($whys, 0, self::SHOWN)), $hours);
        }
        if ($this->bearings->raised(...self::XRAY_FIRST)) {
            return new LookAgain(
                null,
                self::AFTER_XRAY,
                LookAgain::RESULT,
                'After the X-ray the tests that were held.',
                $hours,
            );
        }
        if ($this->sendOn !== []) {
            return new LookAgain(
                null,
                self::RESULT_DUE,
                LookAgain::RESULT,
                'After the result of the referral, at the latest in two weeks.',
                $hours,
            );
        }

        return $hours === '' ? null : new LookAgain(null, null, null, 'Going on today is watched.', $hours);
    }

    /**
     * In order of what matters.
     *
     * @return list<array{int, int, string}> from, to, why
     */
    private function dated(): array
    {
        $ligaments = new LigamentReviews($this->bearings, $this->isSettledByOthers());

        return array_values(array_filter([
            $ligaments->unsettled(),
            $ligaments->positives(),
            $ligaments->cruciatesLeft(),
            $ligaments->tooPainful(),
            $this->fluid(),
            $this->blood(),
            $this->worn(),
            $ligaments->soreness(),
            $ligaments->medialOpening(),
            ...array_map($this->meniscus(...), self::MENISCI),
            $this->kneecap(),
            $this->overWeeks(),
            $this->lag(),
        ]));
    }

    /**
     * @return array{int, int, string}|null
     */
    private function fluid(): ?array
    {
        return match (true) {
            $this->bearings->fluidGrade() >= 2 => [3, 7, 'There is much fluid.'],
            $this->bearings->hasFluid()
                && $this->bearings->isAfterInjury() => [7, 14, 'There is fluid after an injury.'],
            default => null,
        };
    }

    /**
     * @return array{int, int, string}|null
     */
    private function blood(): ?array
    {
        $scanned = array_filter($this->sendOn, static fn (Referral $one): bool => $one->isScan) !== [];

        return $this->bearings->bloodLikely
            && ! $scanned ? [5, 10, 'Blood was likely: a scan (MRI) if the fluid is still there.'] : null;
    }

    /**
     * @return array{int, int, string}|null
     */
    private function worn(): ?array
    {
        return match ($this->support->type) {
            SupportType::Immobiliser => [3, 5, 'Nobody wears an immobiliser longer unseen.'],
            SupportType::HingedLimited, SupportType::ExtensionSplintCalfSupport => [
                7,
                10,
                'Skin, calf and range under the brace.',
            ],
            SupportType::HingedSleeve => [7, 14, 'Whether the sleeve still helps.'],
            SupportType::FunctionalHinged => [28, 42, 'How the return to sport goes.'],
            default => null,
        };
    }

    /**
     * @return array{int, int, string}|null
     */
    private function meniscus(Condition $condition): ?array
    {
        if ($this->isSettledByOthers() || $this->bearings->of($condition)->isWithheld()) {
            return null;
        }

        return match (true) {
            $this->bearings->atAct($condition) => [
                28,
                42,
                ucfirst("{$condition->withArticle()} is likely: an exercise programme first."),
            ],
            $this->bearings->standing->hasOwnPositive($condition)
                && $this->bearings->chance($condition) >= 0.25 => [
                    14,
                    28,
                    ucfirst("{$condition->withArticle()} is possible: with advice on load."),
                ],
            default => null,
        };
    }

    /**
     * @return array{int, int, string}|null
     */
    private function kneecap(): ?array
    {
        $pain = $this->bearings->atAct(Condition::PatellofemoralPain)
            || (
                ! $this->bearings->isAfterInjury()
                && ! $this->bearings->of(Condition::PatellofemoralPain)->isWithheld()
                && $this->bearings->chance(Condition::PatellofemoralPain) >= 0.3
            );

        return match (true) {
            $pain => [28, 42, 'Patellofemoral pain changes over weeks.'],
            $this->bearings->standing->hasOwnPositive(Condition::PatellarInstability)
                && ! $this->isSettledByOthers() => [28, 42, 'The patella was felt to slip: after a programme.'],
            default => null,
        };
    }

    /**
     * @return array{int, int, string}|null
     */
    private function overWeeks(): ?array
    {
        $slow = array_filter($this->bearings->also, static fn (Consideration $other): bool => $other->healsOverWeeks);

        return $slow === [] ? null : [28, 42, reset($slow)->why];
    }

    /**
     * @return array{int, int, string}|null
     */
    private function lag(): ?array
    {
        $alone = $this->bearings->knee->is(Fact::Lag)
            && $this->bearings->hasFluid()
            && ! $this->bearings->raised(Rule::ExtensorRupture);

        return $alone ? [3, 7, 'The straight knee cannot be held, with fluid: raise it again.'] : null;
    }

    private function isSettledByOthers(): bool
    {
        return array_filter($this->sendOn, static fn (Referral $one): bool => $one->settles()) !== [];
    }
}
