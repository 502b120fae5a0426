<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination\Facts;

use GrayCompass\Core\Examination\FluidSigns;
use GrayCompass\Core\Examination\HistoryItem;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Examination\SafetyKey;
use UnexpectedValueException;

/**
 * Conditions on the athlete and the story, on fluid, and on signs that count. Ages in years, injuries in days, pain
 * from 0 to 10.
 *
 * @internal
 */
final class HistoryConditions
{
    public static function read(ConditionKeys $data): FactCondition
    {
        return match (true) {
            $data->has('said') => self::story(HistoryItem::from($data->text('said')), true),
            $data->has('denied') => self::story(HistoryItem::from($data->text('denied')), false),
            $data->has('unasked') => self::story(HistoryItem::from($data->text('unasked')), null),
            $data->has('unanswered') => self::unanswered(SafetyKey::from($data->text('unanswered'))),
            $data->has('gate') => self::ticked(SafetyKey::from($data->text('gate'))),
            $data->has('operatedWithinWeeks') => self::operated($data->whole('operatedWithinWeeks')),
            $data->has('painFrom') => self::pain($data->number('painFrom') ?? 0.0),
            $data->has('positive') => self::positive($data->words('positive')),
            $data->has('negative') => self::negative($data->words('negative')),
            $data->has('underYears') => self::under($data->whole('underYears')),
            $data->has('fromYears') => self::from($data->whole('fromYears')),
            $data->has('withinDays') => self::within($data->whole('withinDays')),
            default => self::plain($data),
        };
    }

    private static function plain(ConditionKeys $data): FactCondition
    {
        return new OfStory(match (true) {
            $data->says('afterInjury') => static fn (KneeExamination $knee): bool => $knee->isAfterInjury(),
            $data->says('growing') => static fn (KneeExamination $knee): bool => $knee->isGrowing(),
            $data->says('grown') => static fn (KneeExamination $knee): bool => $knee->isAtLeast(KneeExamination::GROWN_YEARS),
            $data->says('touchline') => static fn (KneeExamination $knee): bool => $knee->isOnTouchline(),
            $data->says('hurtsAtShin') => static fn (KneeExamination $knee): bool => $knee->history->hurtsAtShin(),
            $data->says('hurtsBelowKneecap') => static fn (
                KneeExamination $knee,
            ): bool => $knee->history->hurtsBelowKneecap(),
            $data->says('pulseWasMissing') => static fn (KneeExamination $knee): bool => $knee->pulseWasMissing(),
            $data->says('pulseIsMissing') => static fn (KneeExamination $knee): bool => $knee->pulseIsMissing(),
            $data->says('hadNeedle') => static fn (KneeExamination $knee): bool => $knee->episode->hadNeedle(),
            $data->says('implant') => static fn (KneeExamination $knee): bool => $knee->episode->implant->isPresent(),
            $data->says('painTold') => static fn (KneeExamination $knee): bool => $knee->history->painNow !== null,
            $data->says('fluidOrTrace') => static fn (KneeExamination $knee): bool => FluidSigns::in($knee)->isPositive()
                || FluidSigns::in($knee)->isTrace(),
            default => throw new UnexpectedValueException('A condition of no known form.'),
        });
    }

    private static function story(HistoryItem $item, ?bool $answer): FactCondition
    {
        return new OfStory(static fn (KneeExamination $knee): bool => $knee->history->answer($item) === $answer);
    }

    /** A question of the gate that was not ticked either way. */
    private static function unanswered(SafetyKey $key): FactCondition
    {
        return new OfStory(static fn (KneeExamination $knee): bool => ! $knee->safety->answered($key));
    }

    private static function ticked(SafetyKey $key): FactCondition
    {
        return new OfStory(static fn (KneeExamination $knee): bool => $knee->safety->isTrue($key));
    }

    private static function operated(int $weeks): FactCondition
    {
        return new OfStory(static fn (KneeExamination $knee): bool => $knee->operatedWithinWeeks($weeks));
    }

    private static function pain(float $from): FactCondition
    {
        return new OfStory(static fn (KneeExamination $knee): bool => ($knee->history->painNow ?? 0.0) >= $from);
    }

    private static function under(int $years): FactCondition
    {
        return new OfStory(static fn (KneeExamination $knee): bool => $knee->isUnder($years));
    }

    private static function from(int $years): FactCondition
    {
        return new OfStory(static fn (KneeExamination $knee): bool => $knee->isAtLeast($years));
    }

    private static function within(int $days): FactCondition
    {
        return new OfStory(static fn (KneeExamination $knee): bool => $knee->injuredWithin($days));
    }

    /**
     * @param  list<string>  $signs
     */
    private static function positive(array $signs): FactCondition
    {
        return new OfResults(static fn (CountedResults $results): bool => $results->isPositive(...$signs));
    }

    /**
     * @param  list<string>  $signs
     */
    private static function negative(array $signs): FactCondition
    {
        return new OfResults(static fn (CountedResults $results): bool => $results->isNegative(...$signs));
    }
}
