<?php

declare(strict_types=1);

namespace App\Exchange\Tables;

use App\Clinic\Examinations\AsSigned;
use App\Clinic\Models\Examination;
use App\Clinic\Models\Snapshot;
use App\Clinic\Values\SectionName;
use App\Exchange\Values\Table;
use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Catalogue\FieldKind;
use GrayCompass\Core\Fhir\Units;
use GrayCompass\Core\Figures;
use GrayCompass\Document\Given;
use GrayCompass\Document\Json;

/**
 * One signed examination as rows of several tables, in the order of {@see Columns}.
 *
 * @phpstan-type Row list<string|int|null>
 */
final readonly class VisitRows
{
    private Catalogue $catalogue;

    public function __construct(Figures $figures)
    {
        $this->catalogue = $figures->catalogue();
    }

    /**
     * @param  Examination  $examination  with its sections, records and episode at hand
     * @return array<string, list<Row>> by table
     */
    public function of(Examination $examination, Snapshot $snapshot): array
    {
        $assessment = Given::in(Json::read(Json::write(AsSigned::read($snapshot->payload)), PHP_INT_MAX));

        return [
            Table::Visits->value => [self::visit($examination, $snapshot)],
            Table::Measures->value => $this->measures($examination),
            Table::Probabilities->value => self::probabilities($examination->id, $assessment),
            Table::Results->value => self::results($examination->id, $assessment),
        ];
    }

    /** @return Row */
    private static function visit(Examination $examination, Snapshot $snapshot): array
    {
        $frame = Given::in($examination->sections->firstWhere('name', SectionName::Frame->value)?->payload);

        return [
            $examination->id,
            $examination->episode->athlete_id,
            $examination->episode_id,
            $examination->episode->hurt_side->value,
            $examination->examined_at->toIso8601ZuluString(),
            $examination->episode->injured_on?->toDateString(),
            $frame->word('setting'),
            $frame->whole('ageYears'),
            $snapshot->rules,
            $snapshot->evidence,
        ];
    }

    /** @return list<Row> every number that was measured, by manoeuvre and side */
    private function measures(Examination $examination): array
    {
        $rows = [];
        foreach ($examination->records as $record) {
            $given = Given::in($record->payload);
            $isKnown = $this->catalogue->has($record->manoeuvre);
            foreach ($isKnown ? $this->catalogue->get($record->manoeuvre)->fields : [] as $field) {
                $value = $field->kind === FieldKind::Number ? $given->amount($field->name) : null;
                if ($value !== null) {
                    $source = $given->inner('by')->inner($field->name);
                    $spread = $source->amount('spread');
                    $rows[] = [
                        $examination->id, $record->manoeuvre, $record->side, $field->name,
                        self::number($value), Units::ofField($field->unit),
                        $source->word('kind'), $spread === null ? null : self::number($spread),
                    ];
                }
            }
        }

        return $rows;
    }

    /** @return list<Row> */
    private static function probabilities(string $visit, Given $assessment): array
    {
        return array_map(static function (Given $condition) use ($visit): array {
            $isTold = $condition->answer('tellsChance') === true;
            $interval = $condition->numbers('interval');

            return [
                $visit,
                $condition->text('id'),
                self::number($condition->number('pretest')),
                $isTold ? self::number($condition->number('posttest')) : null,
                $isTold ? self::number($interval[0] ?? null) : null,
                $isTold ? self::number($interval[1] ?? null) : null,
                $condition->text('zone'),
            ];
        }, $assessment->items('conditions'));
    }

    /** @return list<Row> */
    private static function results(string $visit, Given $assessment): array
    {
        $rows = [];
        foreach (['results' => 'true', 'excluded' => 'false'] as $list => $counts) {
            foreach ($assessment->items($list) as $result) {
                $rows[] = [
                    $visit, $result->text('finding'), $result->text('manoeuvre'), $result->text('outcome'), $counts,
                    $counts === 'true' ? null : $result->word('code'),
                ];
            }
        }

        return $rows;
    }

    /** With a point, and all its digits. */
    public static function number(int|float|null $value): ?string
    {
        return $value === null ? null : json_encode($value, JSON_THROW_ON_ERROR);
    }
}
