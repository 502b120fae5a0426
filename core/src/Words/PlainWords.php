<?php

declare(strict_types=1);

namespace GrayCompass\Core\Words;

use GrayCompass\Core\Grading\Values\Exclusion;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Plan\Support;
use GrayCompass\Core\Plan\SupportType;
use GrayCompass\Core\Sentences\Sentence;

/**
 * What an athlete reads of terms and figures: no term that is not explained, every chance out of a hundred knees.
 *
 * @internal
 */
final class PlainWords
{
    /** What may be wrong, as far as a chance can say; `likely` at the point of acting. */
    public static function may(Condition $condition, bool $likely): Sentence
    {
        return new Sentence(($likely ? 'likely' : 'may').".{$condition->value}");
    }

    /** “about 62 in 100 knees like this” */
    public static function share(float $chance): Sentence
    {
        $hundred = (int) round(100 * $chance);

        return match (true) {
            $hundred < 1 => new Sentence('share.least'),
            $hundred > 99 => new Sentence('share.most'),
            default => new Sentence('share.about', ['hundred' => $hundred]),
        };
    }

    /** What to put on; null for nothing, where a surgeon decides, and where the advice says it. */
    public static function wear(Support $support): ?Sentence
    {
        return match ($support->type) {
            SupportType::None, SupportType::AsFound => null,
            SupportType::HingedLimited => $support->isLocked() || $support->range === null
                ? new Sentence('wear.hinged_locked')
                : new Sentence('wear.hinged_limited', ['range' => $support->range->name()]),
            default => new Sentence("wear.{$support->type->value}"),
        };
    }

    /** Why a test could not tell, as the end of a sentence. */
    public static function excuse(Exclusion $code): Sentence
    {
        return new Sentence('excuse.'.match ($code) {
            Exclusion::HamstringsGuarded, Exclusion::QuadricepsGuarded => 'muscles',
            Exclusion::TooEarly => 'too_early',
            Exclusion::TooLate => 'too_late',
            Exclusion::BendIncomplete => 'bend',
            Exclusion::OtherKneeMissing => 'other_untested',
            Exclusion::OtherKneeNotNormal, Exclusion::SameOnOtherKnee => 'other_alike',
            Exclusion::PivotUnreliable => 'another_band',
            Exclusion::SagUncorrected => 'sag',
            Exclusion::BoneEnd => 'hard_stop',
            Exclusion::WithinHandError, Exclusion::WithinInstrumentError, Exclusion::DoesNotFit => 'close',
            default => 'moved',
        });
    }
}
