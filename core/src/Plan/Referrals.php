<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Verdict\Bearings;

/**
 * Ways of sending on that several rules share.
 *
 * @internal
 */
abstract readonly class Referrals
{
    protected const SURGEON = 'a knee surgeon';

    protected const SURGEON_WITH_SCAN = 'a knee surgeon or sports doctor, with a scan (MRI)';

    protected const OPERATOR = 'the surgeon who operated';

    protected const SCAN = 'a scan (MRI)';

    protected const XRAY = 'an X-ray';

    protected const MENISCI = [Condition::MedialMeniscus, Condition::LateralMeniscus];

    protected const LIGAMENTS = [Condition::Acl, Condition::Pcl, Condition::Plc, Condition::Mcl, Condition::Lcl];

    public function __construct(protected Bearings $bearings)
    {
    }

    protected function surgeon(
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

    protected function scan(string $rule, string $why, string $question): Referral
    {
        return new Referral(self::SCAN, Within::TwoWeeks, $rule, $why, $question, isScan: true);
    }
}
