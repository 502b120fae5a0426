<?php

declare(strict_types=1);

namespace GrayCompass\Learning\Wire;

use GrayCompass\Document\Given;
use GrayCompass\Document\Refusal;
use GrayCompass\Learning\Calibration\Drift;
use GrayCompass\Learning\Calibration\Losses;
use GrayCompass\Learning\Calibration\McNemar;
use GrayCompass\Learning\Calibration\NetBenefit;
use GrayCompass\Learning\Calibration\Pair;
use GrayCompass\Learning\Calibration\Person;
use GrayCompass\Learning\Calibration\Reference;
use GrayCompass\Learning\Calibration\Scores;
use GrayCompass\Learning\Calibration\Slope;
use GrayCompass\Learning\Numbers\Wilson;

/**
 * Calibration as `learning:compute` reads and writes it.
 *
 * @internal
 */
final class CalibrationCase
{
    /** The end of a path that is told. */
    private const LAST = 5;

    /** @return array<string, mixed> */
    public static function plain(Given $input): array
    {
        $pairs = self::pairs($input);
        $base = (float) $input->number('base');
        $scores = new Scores($pairs);
        [$held, $free] = [Slope::held($pairs), Slope::of($pairs)];

        return [
            'n' => \count($pairs),
            'effective' => $scores->effective(),
            'brier' => $scores->brier(),
            'brierBase' => $scores->brier($base),
            'skill' => $scores->skill($base),
            'logScore' => $scores->logScore(),
            'observed' => $scores->observed(),
            'expected' => $scores->expected(),
            'oe' => $scores->expected() > 0 ? $scores->observed() / $scores->expected() : null,
            'oeZ' => $scores->ofTotal(),
            'spiegelhalterZ' => $scores->spiegelhalter(),
            'intercept' => $held?->intercept,
            'interceptSe' => $held?->interceptError,
            'slope' => $free?->slope,
            'slopeSe' => $free?->slopeError,
            'jointIntercept' => $free?->intercept,
            'bins' => $scores->tenths(),
        ];
    }

    /** @return array<string, mixed> */
    public static function referenced(Given $input): array
    {
        $pairs = self::pairs($input);
        $reference = new Reference((float) $input->number('se'), (float) $input->number('sp'));
        $reference->sensitivity > 0.5 || throw Refusal::at('input.se', 'expected more than 0.5');
        $reference->specificity > 0.5 || throw Refusal::at('input.sp', 'expected more than 0.5');
        $reference->sensitivity + $reference->specificity > Reference::LEAST_SUM
            || throw Refusal::at('input.sp', 'expected a sum with se above '.Reference::LEAST_SUM);
        $scores = new Scores($pairs, $reference);
        $slope = Slope::of($pairs, $reference);

        return [
            'observed' => (int) $scores->observed(),
            'expected' => $scores->expected(),
            'expectedInterval' => $scores->expectedInterval(),
            'oeZ' => $scores->ofTotal(),
            'spiegelhalterZ' => $scores->spiegelhalter(),
            'brier' => $scores->brier(),
            'presentCorrected' => $scores->presentCorrected(),
            'intercept' => Slope::held($pairs, $reference)?->intercept,
            'slope' => $slope?->slope,
            'slopeSe' => $slope?->slopeError,
        ];
    }

    /** @return array<string, mixed> */
    public static function mcnemar(Given $input): array
    {
        $right = static fn (string $key): array => array_map(static fn (float $one): bool => $one === 1.0, $input->numbers($key));
        [$first, $tool] = [$right('first'), $right('tool')];
        \count($first) === \count($tool) || throw Refusal::at('input.tool', 'expected as many knees as in first');
        $test = new McNemar($first, $tool);
        $share = static fn (array $one): array => Wilson::of(\count(array_filter($one)) / \count($one), \count($one));

        return [
            'firstOnly' => $test->firstOnly,
            'toolOnly' => $test->otherOnly,
            'p' => $test->chance(),
            'firstShare' => $share($first),
            'toolShare' => $share($tool),
        ];
    }

    /** @return array<string, mixed> */
    public static function person(Given $input): array
    {
        $between = (float) $input->number('tau');
        $person = new Person(self::pairs($input));

        return [
            'raw' => $person->raw,
            'variance' => $person->variance,
            'shrunk' => $person->shrunk($between),
            'sd' => $person->deviation($between),
        ];
    }

    /** @return array<string, mixed> */
    public static function cusum(Given $input): array
    {
        $drift = Drift::of(self::pairs($input), (float) $input->number('odds'), (float) $input->number('limit'));

        return ['path' => \array_slice($drift->path, -self::LAST), 'largest' => $drift->largest(), 'signalAt' => $drift->signalAt];
    }

    /** @return array<string, mixed> */
    public static function net(Given $input): array
    {
        $pairs = self::pairs($input);
        $threshold = (float) $input->number('t');

        return ['model' => NetBenefit::of($pairs, $threshold), 'all' => NetBenefit::ofAll($pairs, $threshold), 'none' => 0.0];
    }

    /** @return array<string, mixed> */
    public static function losses(Given $input): array
    {
        [$ruleOut, $act] = [(float) $input->number('ruleOut'), (float) $input->number('act')];
        $ruleOut < $act || throw Refusal::at('input.ruleOut', 'expected less than act');
        $losses = new Losses(self::pairs($input), $ruleOut, $act);

        return [
            'mean' => $losses->mean,
            'leftPresent' => $losses->leftPresent,
            'actAbsent' => $losses->actAbsent,
            'looked' => $losses->looked,
        ];
    }

    /** @return non-empty-list<Pair> */
    private static function pairs(Given $input): array
    {
        [$p, $y, $w] = [$input->numbers('p'), $input->numbers('y'), $input->numbers('w')];
        \count($p) === \count($y) || throw Refusal::at('input.y', 'expected as many as in p');
        $w === [] || \count($w) === \count($p) || throw Refusal::at('input.w', 'expected as many as in p');
        $pairs = [];
        foreach ($p as $index => $chance) {
            $pairs[] = new Pair($chance, $y[$index] === 1.0, $w[$index] ?? 1.0);
        }

        return $pairs === [] ? throw Refusal::at('input.p', 'expected at least one chance') : $pairs;
    }
}
