<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Catalogue\Field;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Catalogue\ManoeuvreTrait;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Examination\Record;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Side;
use GrayCompass\Core\Sentences\Sentence;
use GrayCompass\Core\Verdict\Bearings;

/**
 * What a baseline lacks: the tests of its route that were not done on both knees, and the ligaments without a figure.
 *
 * @internal
 */
final readonly class BaselineGaps
{
    private const DISTANCE = 'mm';

    private KneeExamination $examination;

    private function __construct(private Bearings $bearings)
    {
        $this->examination = $bearings->examination;
    }

    /**
     * @return list<Sentence> ligaments first; empty where nothing is missing
     */
    public static function of(Bearings $bearings): array
    {
        return (new self($bearings))->sentences();
    }

    /**
     * @return list<Sentence>
     */
    private function sentences(): array
    {
        $ligaments = [];
        $others = [];
        foreach ($this->bearings->catalogue->with(ManoeuvreTrait::Joins) as $manoeuvre) {
            if (! \in_array($this->examination->route->id, $manoeuvre->names(ManoeuvreTrait::Joins), true)) {
                continue;
            }
            $ligament = $this->ligamentOf($manoeuvre);
            if ($ligament !== null) {
                $ligaments[] = $this->missingFigure($manoeuvre, $ligament);
            } elseif ($this->without($manoeuvre, static fn (Record $record): bool => true) !== []) {
                $others[] = $manoeuvre->card->name;
            }
        }

        return [
            ...array_values(array_filter($ligaments)),
            ...($others === [] ? [] : [new Sentence('baseline.not_done', ['manoeuvres' => $others])]),
            ...($this->bearings->isSoundBaseline() ? [] : [new Sentence('baseline.something_found')]),
        ];
    }

    private function missingFigure(Manoeuvre $manoeuvre, Condition $ligament): ?Sentence
    {
        $figures = array_values(array_filter(
            $manoeuvre->fields,
            static fn (Field $field): bool => $field->unit === self::DISTANCE,
        ));
        $knees = $this->without($manoeuvre, static fn (Record $record): bool => array_filter(
            $figures,
            static fn (Field $field): bool => $record->has($field->name),
        ) !== []);
        $which = \count($knees) > 1 ? 'either' : $knees[0] ?? '';

        return $knees === [] ? null : new Sentence("baseline.no_figure.{$which}", [
            'manoeuvre' => $manoeuvre->card->name, 'ligament' => strtoupper($ligament->value),
        ]);
    }

    /**
     * The knees on which a manoeuvre was not done, or not so.
     *
     * @param  callable(Record): bool  $isEnough
     * @return list<string>
     */
    private function without(Manoeuvre $manoeuvre, callable $isEnough): array
    {
        $knees = [];
        foreach ([Side::Left, Side::Right] as $side) {
            $record = array_values(array_filter(
                $this->examination->records,
                static fn (Record $record): bool => $record->manoeuvre === $manoeuvre
                    && ($record->side === $side || $manoeuvre->bothAtOnce),
            ))[0] ?? null;
            if ($record === null || $record->notDone !== null || ! $isEnough($record)) {
                $knees[] = $side->value;
            }
        }

        return $knees;
    }

    private function ligamentOf(Manoeuvre $manoeuvre): ?Condition
    {
        foreach ($manoeuvre->feeds as $sign) {
            $condition = $this->bearings->signs->ownTestOf($sign);
            if ($condition?->isLigament() === true) {
                return $condition;
            }
        }

        return null;
    }
}
