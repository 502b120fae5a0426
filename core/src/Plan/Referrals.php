<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Safety\Destination;
use GrayCompass\Core\Sentences\Sentence;
use GrayCompass\Core\Verdict\Bearings;

/**
 * Ways of sending on that several rules share.
 *
 * @internal
 */
abstract readonly class Referrals
{
    protected const MENISCI = [Condition::MedialMeniscus, Condition::LateralMeniscus];

    protected const LIGAMENTS = [Condition::Acl, Condition::Pcl, Condition::Plc, Condition::Mcl, Condition::Lcl];

    public function __construct(protected Bearings $bearings)
    {
    }

    /** A structure that was operated on goes to the one who operated, within a week. */
    protected function surgeon(
        Condition $condition,
        Within $within,
        string $rule,
        Sentence $why,
        Sentence $question,
        bool $scan = false,
        bool $byChance = false,
    ): Referral {
        if ($this->isOperatedOn($condition) || $this->bearings->isGraft($condition)) {
            return $this->operator(Within::Week, $rule, $why, $question, [$condition]);
        }

        return new Referral(
            $scan ? Destination::KneeSurgeonWithMri : Destination::KneeSurgeon,
            $within,
            $rule,
            $why,
            $question,
            $byChance,
            [$condition],
        );
    }

    /** Withheld because of an operation; a baseline withholds everything. */
    protected function isOperatedOn(Condition $condition): bool
    {
        return $this->bearings->of($condition)->isWithheld() && ! $this->bearings->examination->route->isBaseline();
    }

    /**
     * @param  list<Condition>  $asks
     */
    protected function operator(
        Within $within,
        string $rule,
        Sentence $why,
        Sentence $question,
        array $asks = [],
    ): Referral {
        return new Referral(Destination::OperatingSurgeon, $within, $rule, $why, $question, asks: $asks);
    }

    /**
     * @param  list<Condition>  $asks
     */
    protected function scan(
        string $rule,
        Sentence $why,
        Sentence $question,
        Within $within = Within::TwoWeeks,
        bool $byChance = false,
        array $asks = [],
    ): Referral {
        return new Referral(Destination::Mri, $within, $rule, $why, $question, $byChance, $asks);
    }

    protected function xray(string $rule, Within $within, Sentence $why, Sentence $question): Referral
    {
        return new Referral(Destination::Xray, $within, $rule, $why, $question);
    }
}
