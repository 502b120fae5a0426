<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination\Facts;

use Closure;
use GrayCompass\Core\Examination\HurtKnee;
use GrayCompass\Core\Examination\NotDone;
use UnexpectedValueException;

/**
 * Conditions on what was recorded: `of` names manoeuvres, any of which will do; `field` one of their fields.
 *
 * @internal
 */
final class RecordConditions
{
    public static function read(ConditionKeys $data): FactCondition
    {
        $field = $data->text('field');

        return new OfRecord($data->words('of'), match (true) {
            $field !== '' => self::onField($data, $field),
            $data->has('leftOut') => self::leftOut(NotDone::from($data->text('leftOut'))),
            $data->has('ticked') => self::ticked($data->text('ticked')),
            $data->says('normal') => static fn (HurtKnee $knee, string $id): bool => $knee->isNormal($id),
            $data->says('done') => static fn (HurtKnee $knee, string $id): bool => $knee->done($id),
            default => throw new UnexpectedValueException('A condition of a record asks for a field or how it '
                .'was done.'),
        });
    }

    /**
     * @return Closure(HurtKnee, string): bool
     */
    private static function onField(ConditionKeys $data, string $field): Closure
    {
        return match (true) {
            $data->says('given') => static fn (HurtKnee $knee, string $id): bool => $knee->record($id)?->has($field) === true,
            $data->says('empty') => static fn (HurtKnee $knee, string $id): bool => $knee->record($id)?->words($field) === [],
            $data->flag('is') !== null => self::flag($data, $field, $data->flag('is')),
            $data->has('is') => self::words($data, $field, $data->words('is')),
            default => self::number($data, $field),
        };
    }

    /**
     * @return Closure(HurtKnee, string): bool
     */
    private static function leftOut(NotDone $reason): Closure
    {
        return static fn (HurtKnee $knee, string $id): bool => $knee->examination->leftOut($id) === $reason;
    }

    /**
     * @return Closure(HurtKnee, string): bool
     */
    private static function ticked(string $check): Closure
    {
        return static fn (HurtKnee $knee, string $id): bool => $knee->record($id)?->isTicked($check) === true;
    }

    /**
     * @return Closure(HurtKnee, string): bool
     */
    private static function flag(ConditionKeys $data, string $field, bool $is): Closure
    {
        return match (true) {
            $data->says('knee', 'other') => static fn (HurtKnee $knee, string $id): bool => $knee->otherFlag($id, $field) === $is,
            $data->says('hereOnly') => static fn (HurtKnee $knee, string $id): bool => $knee->flagHereOnly($id, $field),
            default => static fn (HurtKnee $knee, string $id): bool => $knee->record($id)?->flag($field) === $is,
        };
    }

    /**
     * @param  list<string>  $words
     * @return Closure(HurtKnee, string): bool
     */
    private static function words(ConditionKeys $data, string $field, array $words): Closure
    {
        if ($data->says('hereOnly')) {
            return static fn (HurtKnee $knee, string $id): bool => $knee->says($id, $field, ...$words)
                && ! \in_array($knee->examination->compared($id)?->word($field), $words, true);
        }

        if ($data->says('knee', 'other')) {
            return static fn (HurtKnee $knee, string $id): bool => \in_array(
                $knee->examination->other($id)?->word($field),
                $words,
                true,
            );
        }

        return static fn (HurtKnee $knee, string $id): bool => $knee->says($id, $field, ...$words)
            || array_intersect($knee->words($id, $field), $words) !== [];
    }

    /**
     * @return Closure(HurtKnee, string): bool
     */
    private static function number(ConditionKeys $data, string $field): Closure
    {
        [$least, $above] = [$data->number('atLeast'), $data->number('above')];
        [$most, $below] = [$data->number('atMost'), $data->number('below')];
        $value = self::value($data->text('as'), $field, $data->number('else'));

        return static function (HurtKnee $knee, string $id) use ($least, $above, $most, $below, $value): bool {
            $number = $value($knee, $id);

            return $number !== null
                && ($least === null || $number >= $least)
                && ($above === null || $number > $above)
                && ($most === null || $number <= $most)
                && ($below === null || $number < $below);
        };
    }

    /**
     * The hurt knee's own figure, its difference to what it is compared with, or that as a share of the latter.
     *
     * @param  float|null  $else  what a difference is taken to where there is no comparison
     * @return Closure(HurtKnee, string): ?float
     */
    private static function value(string $as, string $field, ?float $else): Closure
    {
        return match ($as) {
            '' => static fn (HurtKnee $knee, string $id): ?float => $knee->number($id, $field),
            'difference' => static function (HurtKnee $knee, string $id) use ($field, $else): ?float {
                $own = $knee->number($id, $field);
                $alone = $own === null || $else === null ? null : $own - $else;

                return $knee->difference($id, $field) ?? $alone;
            },
            'differenceOrOwn' => static fn (HurtKnee $knee, string $id): ?float => $knee->difference($id, $field)
                ?? $knee->number($id, $field),
            'share' => static function (HurtKnee $knee, string $id) use ($field): ?float {
                $difference = $knee->difference($id, $field);
                $other = $knee->examination->compared($id)?->number($field);

                return $difference === null || $other === null || $other <= 0.0 ? null : $difference / $other;
            },
            default => throw new UnexpectedValueException("A figure is not asked for as {$as}."),
        };
    }
}
