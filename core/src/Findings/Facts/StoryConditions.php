<?php

declare(strict_types=1);

namespace GrayCompass\Core\Findings\Facts;

use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Findings\FluidSigns;
use GrayCompass\Core\Findings\SafetyKey;
use GrayCompass\Core\Findings\StoryItem;
use UnexpectedValueException;

/**
 * Conditions on the athlete and the story, on fluid, and on signs that count. Ages in years, injuries in days, pain
 * from 0 to 10.
 *
 * @internal
 */
final class StoryConditions
{
    public static function read(Wording $data): Condition
    {
        return match (true) {
            $data->has('said') => self::story(StoryItem::from($data->text('said')), true),
            $data->has('denied') => self::story(StoryItem::from($data->text('denied')), false),
            $data->has('unasked') => self::story(StoryItem::from($data->text('unasked')), null),
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

    private static function plain(Wording $data): Condition
    {
        return new OfStory(match (true) {
            $data->says('afterInjury') => static fn (Examination $knee): bool => $knee->isAfterInjury(),
            $data->says('growing') => static fn (Examination $knee): bool => $knee->isGrowing(),
            $data->says('grown') => static fn (Examination $knee): bool => $knee->isAtLeast(Examination::GROWN_YEARS),
            $data->says('touchline') => static fn (Examination $knee): bool => $knee->isOnTouchline(),
            $data->says('hurtsAtShin') => static fn (Examination $knee): bool => $knee->history->hurtsAtShin(),
            $data->says('hurtsBelowKneecap') => static fn (
                Examination $knee,
            ): bool => $knee->history->hurtsBelowKneecap(),
            $data->says('pulseWasMissing') => static fn (Examination $knee): bool => $knee->pulseWasMissing(),
            $data->says('pulseIsMissing') => static fn (Examination $knee): bool => $knee->pulseIsMissing(),
            $data->says('hadNeedle') => static fn (Examination $knee): bool => $knee->episode->hadNeedle(),
            $data->says('implant') => static fn (Examination $knee): bool => $knee->episode->implant->isPresent(),
            $data->says('painTold') => static fn (Examination $knee): bool => $knee->history->painNow !== null,
            $data->says('fluidOrTrace') => static fn (Examination $knee): bool => FluidSigns::in($knee)->isPositive()
                || FluidSigns::in($knee)->isTrace(),
            default => throw new UnexpectedValueException('A condition of no known form.'),
        });
    }

    private static function story(StoryItem $item, ?bool $answer): Condition
    {
        return new OfStory(static fn (Examination $knee): bool => $knee->history->answer($item) === $answer);
    }

    /** A question of the gate that was not ticked either way. */
    private static function unanswered(SafetyKey $key): Condition
    {
        return new OfStory(static fn (Examination $knee): bool => ! $knee->safety->answered($key));
    }

    private static function ticked(SafetyKey $key): Condition
    {
        return new OfStory(static fn (Examination $knee): bool => $knee->safety->isTrue($key));
    }

    private static function operated(int $weeks): Condition
    {
        return new OfStory(static fn (Examination $knee): bool => $knee->operatedWithinWeeks($weeks));
    }

    private static function pain(float $from): Condition
    {
        return new OfStory(static fn (Examination $knee): bool => ($knee->history->painNow ?? 0.0) >= $from);
    }

    private static function under(int $years): Condition
    {
        return new OfStory(static fn (Examination $knee): bool => $knee->isUnder($years));
    }

    private static function from(int $years): Condition
    {
        return new OfStory(static fn (Examination $knee): bool => $knee->isAtLeast($years));
    }

    private static function within(int $days): Condition
    {
        return new OfStory(static fn (Examination $knee): bool => $knee->injuredWithin($days));
    }

    /**
     * @param  list<string>  $signs
     */
    private static function positive(array $signs): Condition
    {
        return new OfResults(static fn (Results $results): bool => $results->isPositive(...$signs));
    }

    /**
     * @param  list<string>  $signs
     */
    private static function negative(array $signs): Condition
    {
        return new OfResults(static fn (Results $results): bool => $results->isNegative(...$signs));
    }
}
