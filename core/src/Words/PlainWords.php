<?php

declare(strict_types=1);

namespace GrayCompass\Core\Words;

use GrayCompass\Core\Grading\Values\Exclusion;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Side;
use GrayCompass\Core\Plan\Support;
use GrayCompass\Core\Plan\SupportType;

/**
 * The words an athlete reads: no term that is not explained, every chance out of a hundred knees.
 *
 * @internal
 */
final class PlainWords
{
    /** What may be wrong, as far as a chance can say; `likely` at the point of acting. */
    public static function may(Condition $condition, bool $likely): string
    {
        $verb = $likely ? 'is likely' : 'may be';

        return match ($condition) {
            Condition::Mcl, Condition::Lcl => ucfirst($condition->part())." {$verb} sprained",
            Condition::PatellofemoralPain => $likely
                ? 'The pain is likely to come from behind the kneecap'
                : 'The pain may come from behind the kneecap',
            Condition::PatellarInstability => $likely
                ? 'The kneecap is likely to slip out of its groove'
                : 'The kneecap may slip out of its groove',
            default => ucfirst($condition->part())." {$verb} torn",
        };
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

    /** What to put on; empty for nothing, where a surgeon decides, and where the advice says it. */
    public static function wear(Support $support): string
    {
        return match ($support->type) {
            SupportType::None, SupportType::AsFound => '',
            SupportType::FunctionalHinged => 'Wear the brace for sport as your surgeon told you.',
            SupportType::HingedSleeve => 'A sleeve with hinges may feel good for walking, for two to three weeks.',
            SupportType::HingedLimited => $support->isLocked()
                ? 'Wear the brace with hinges day and night, locked straight, until the surgeon has seen you.'
                : "Wear the brace with hinges day and night: {$support->range}.",
            SupportType::ExtensionSplintCalfSupport => 'Wear the straight splint day and night, with your calf '
                .'held up.',
            SupportType::Immobiliser => 'Wear the straight splint for a few days only.',
        };
    }

    /** Why a test could not tell, as the end of a sentence. */
    public static function excuse(Exclusion $code): string
    {
        return match ($code) {
            Exclusion::HamstringsGuarded, Exclusion::QuadricepsGuarded => 'because your muscles were tense',
            Exclusion::TooEarly => 'because it is too early to know',
            Exclusion::TooLate => 'because soreness fades within days even where a ligament is hurt',
            Exclusion::BendIncomplete => 'because the knee did not bend far enough',
            Exclusion::OtherKneeMissing => 'because we did not test your other knee',
            Exclusion::OtherKneeNotNormal, Exclusion::SameOnOtherKnee => 'because your other knee does the same',
            Exclusion::PivotUnreliable => 'because another band was too loose for it',
            Exclusion::SagUncorrected => 'because the shin started too far back',
            Exclusion::BoneEnd => 'because the knee stopped hard',
            Exclusion::WithinHandError, Exclusion::DoesNotFit => 'because it was too close to call',
            default => 'because the leg moved or was held at another angle',
        };
    }

    public static function side(Side $side): string
    {
        return $side === Side::Left ? 'left' : 'right';
    }

    /**
     * “a, b and c”
     *
     * @param  list<string>  $items
     */
    public static function list(array $items): string
    {
        $last = array_pop($items);

        return $items === [] ? (string) $last : implode(', ', $items)." and {$last}";
    }
}
