<?php

declare(strict_types=1);

namespace GrayCompass\Core\Conclusions;

use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Side;

/** The words an athlete reads: no term that is not explained, every chance out of a hundred knees. */
final class PlainWords
{
    /** What may be wrong, as the subject of “may be …”. */
    public static function may(Condition $condition): string
    {
        return match ($condition) {
            Condition::Acl => 'The front cross ligament (ACL) may be torn',
            Condition::Pcl => 'The rear cross ligament (PCL) may be torn',
            Condition::Plc => 'The rear outer corner of the knee may be torn',
            Condition::Mcl => 'The inner side ligament (MCL) may be sprained',
            Condition::Lcl => 'The outer side ligament (LCL) may be sprained',
            Condition::MedialMeniscus => 'The inner cushion of the knee (meniscus) may be torn',
            Condition::LateralMeniscus => 'The outer cushion of the knee (meniscus) may be torn',
            Condition::PatellofemoralPain => 'The pain may come from behind the kneecap',
            Condition::PatellarInstability => 'The kneecap may slip out of its groove',
        };
    }

    /** For every ligament, so that the word is explained once. */
    public static function isLigament(Condition $condition): bool
    {
        return in_array($condition, [Condition::Acl, Condition::Pcl, Condition::Plc, Condition::Mcl, Condition::Lcl], true);
    }

    /** “about 62 in 100 knees like this” */
    public static function share(float $chance): string
    {
        $hundred = (int) round(100 * $chance);

        return match (true) {
            $hundred < 1 => 'fewer than 1 in 100 knees like this',
            $hundred > 99 => 'more than 99 in 100 knees like this',
            default => "about {$hundred} in 100 knees like this",
        };
    }

    /** “at most 4 in 100 knees like this” */
    public static function atMost(float $chance): string
    {
        return 'at most '.max(1, (int) ceil(100 * $chance)).' in 100 knees like this';
    }

    /** What to put on; empty for nothing, and where a surgeon decides. */
    public static function wear(SupportType $support): string
    {
        return match ($support) {
            SupportType::None, SupportType::FunctionalHinged => '',
            SupportType::HingedSleeve => 'A sleeve with hinges may feel good for walking.',
            SupportType::HingedLimited => 'Wear the brace with hinges day and night.',
            SupportType::ExtensionSplintCalfSupport => 'Wear the straight splint, with your calf held up, day and night.',
            SupportType::Immobiliser => 'Wear the straight splint for a few days only.',
        };
    }

    public static function side(Side $side): string
    {
        return $side === Side::Left ? 'left' : 'right';
    }
}
