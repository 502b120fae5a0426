<?php

declare(strict_types=1);

namespace GrayCompass\Learning\Wire;

use GrayCompass\Document\Given;
use GrayCompass\Document\Refusal;
use GrayCompass\Learning\Agreement\Differences;
use GrayCompass\Learning\Agreement\Intraclass;
use GrayCompass\Learning\Agreement\SampleSize;
use GrayCompass\Learning\Agreement\Table;
use GrayCompass\Learning\Agreement\Weights;
use GrayCompass\Learning\Numbers\Quantile;

/**
 * Agreement as `learning:compute` reads and writes it.
 *
 * @internal
 */
final class AgreementCase
{
    /**
     * @param  list<list<int>>  $counts
     * @return array<string, mixed>
     */
    public static function table(array $counts, Weights $weights): array
    {
        if (\count($counts) < 2) {
            throw Refusal::at('input', 'expected at least two categories');
        }
        foreach ($counts as $index => $row) {
            \count($row) === \count($counts) || throw Refusal::at("input[{$index}]", 'expected as many columns as rows');
        }
        $n = \array_sum(array_map(array_sum(...), $counts));
        $n > 1 || throw Refusal::at('input', 'expected at least two knees');
        $table = new Table($counts, $weights);
        $kappa = $table->kappa();
        $told = ['n' => $n, 'perCent' => $table->perCent(), 'perCentInterval' => $table->perCentInterval()];
        if ($kappa === null) {
            return [...$told, 'kappa' => null, 'ac' => $table->ac()];
        }
        $error = $table->kappaError();
        $acError = $table->acError();
        $jackknife = $table->jackknifeError();

        return [
            ...$told,
            'weightedAgreement' => $table->weightedAgreement(),
            'expected' => $table->expected(),
            'kappa' => $kappa,
            'kappaSe' => $error,
            'kappaInterval' => self::around($kappa, $error),
            'ac' => $table->ac(),
            'acSe' => $acError,
            'acInterval' => self::around($table->ac(), $acError),
            'jackknifeSe' => $jackknife,
            'jackknifeInterval' => $jackknife === null ? null : $table->jackknifeInterval($kappa, $jackknife),
        ];
    }

    /**
     * @param  list<list<float>>  $measures
     * @return array<string, mixed>
     */
    public static function intraclass(array $measures): array
    {
        $examiners = \count($measures[0] ?? []);
        if (\count($measures) < 2 || $examiners < 2) {
            throw Refusal::at('input', 'expected at least two knees and two examiners');
        }
        foreach ($measures as $index => $row) {
            $row !== [] && \count($row) === $examiners
                || throw Refusal::at("input[{$index}]", 'expected a measure of each examiner');
        }
        /** @var non-empty-list<non-empty-list<float>> $measures */
        $icc = new Intraclass($measures);
        $icc->error > 0 || throw Refusal::at('input', 'expected measures that differ');

        return [
            'n' => $icc->n,
            'examiners' => $icc->examiners,
            'msBetweenKnees' => $icc->betweenKnees,
            'msBetweenExaminers' => $icc->betweenExaminers,
            'msError' => $icc->error,
            'icc11' => $icc->oneWay(),
            'icc11Interval' => $icc->oneWayInterval(),
            'icc21' => $icc->absolute(),
            'icc21Interval' => $icc->absoluteInterval(),
            'icc31' => $icc->consistency(),
            'icc31Interval' => $icc->consistencyInterval(),
        ];
    }

    /** @return array<string, mixed> */
    public static function altman(Given $input): array
    {
        $of = self::differences($input, 3);
        [$lower, $upper] = $of->limits();
        [$slope, $error] = $of->slope() ?? [null, null];

        return [
            'n' => $of->count(),
            'bias' => $of->bias(),
            'biasInterval' => $of->biasInterval(),
            'sd' => $of->deviation(),
            'lower' => $lower,
            'upper' => $upper,
            'lowerInterval' => $of->limitInterval($lower),
            'upperInterval' => $of->limitInterval($upper),
            'slope' => $slope,
            'slopeSe' => $error,
        ];
    }

    /** @return array<string, mixed> */
    public static function within(Given $input): array
    {
        $of = self::differences($input, 1);
        [$worth, $before] = [$input->number('priorDf'), $input->number('priorSd')];
        $shrunk = $worth === null || $before === null ? null : $of->shrunkDeviation($worth, $before);

        return [
            'n' => $of->count(),
            'withinSd' => $of->withinDeviation(),
            'withinSdInterval' => $of->withinInterval(),
            'mdc95' => Differences::detectable($of->withinDeviation()),
            ...($shrunk === null ? [] : ['shrunkSd' => $shrunk, 'shrunkMdc95' => Differences::detectable($shrunk)]),
        ];
    }

    /** @return array<string, mixed> */
    public static function size(Given $input): array
    {
        return ['knees' => SampleSize::ofIntraclass(
            (float) $input->number('icc'),
            (int) $input->whole('examiners'),
            (float) $input->number('width'),
        )];
    }

    private static function differences(Given $input, int $least): Differences
    {
        [$a, $b] = [$input->numbers('a'), $input->numbers('b')];
        \count($a) === \count($b) || throw Refusal::at('input.b', 'expected as many measures as in a');
        if (\count($a) < $least || $a === [] || $b === []) {
            throw Refusal::at('input.a', "expected at least {$least} measures");
        }

        return new Differences($a, $b);
    }

    /** @return array{float, float} */
    private static function around(float $value, float $error): array
    {
        return [$value - Quantile::Z95 * $error, $value + Quantile::Z95 * $error];
    }
}
