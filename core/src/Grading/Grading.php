<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading;

use GrayCompass\Core\Catalogue\Field;
use GrayCompass\Core\Catalogue\FieldKind;
use GrayCompass\Core\Catalogue\JudgeKind;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Examination\Record;
use GrayCompass\Core\Grading\Judges\AnswerJudge;
use GrayCompass\Core\Grading\Judges\CollateralJudge;
use GrayCompass\Core\Grading\Judges\CollateralTenderness;
use GrayCompass\Core\Grading\Judges\ComparedJudge;
use GrayCompass\Core\Grading\Judges\FluidJudge;
use GrayCompass\Core\Grading\Judges\Judge;
use GrayCompass\Core\Grading\Judges\McMurrayJudge;
use GrayCompass\Core\Grading\Judges\PlainJudge;
use GrayCompass\Core\Grading\Judges\SidedSymptomJudge;
use GrayCompass\Core\Grading\Judges\TranslationJudge;
use GrayCompass\Core\Grading\Values\ComparedWith;
use GrayCompass\Core\Grading\Values\Comparison;
use GrayCompass\Core\Grading\Values\Effusion;
use GrayCompass\Core\Grading\Values\Judgement;
use GrayCompass\Core\Grading\Values\McMurrayReading;
use GrayCompass\Core\Grading\Values\Measurement;
use GrayCompass\Core\Grading\Values\Reading;
use GrayCompass\Core\Grading\Values\Remark;

/**
 * All measurements, grades and readings of one examination.
 *
 * @internal
 */
final readonly class Grading
{
    private const UNITS = ['mm', '°', 'cm'];

    /**
     * @param  list<Measurement>  $measurements
     * @param  list<Reading>  $readings  in the order done
     * @param  list<McMurrayReading>|null  $mcmurrayReadings
     * @param  list<Remark>  $remarks
     */
    private function __construct(
        public array $measurements,
        public array $readings,
        public ?Effusion $effusion,
        public ?array $mcmurrayReadings,
        public array $remarks,
    ) {
    }

    /** Whether the same knee's baseline stood in for the other one. */
    public function comparesWithBaseline(): bool
    {
        foreach ($this->measurements as $measurement) {
            if ($measurement->comparedWith === ComparedWith::Baseline) {
                return true;
            }
        }

        return false;
    }

    public static function of(KneeExamination $examination): self
    {
        $measurements = $readings = $remarks = [];
        foreach ($examination->records as $record) {
            $knees = Comparison::in($examination, $record->manoeuvre->id);
            if ($knees === null || $knees->hurt !== $record) {
                continue;
            }
            $judgement = self::judge($record->manoeuvre)?->judge($knees, $examination) ?? new Judgement;
            $readings = [...$readings, ...$judgement->readings];
            $remarks = [...$remarks, ...$judgement->remarks];
            $measurement = $judgement->measurement ?? self::plainMeasurement($knees);
            if ($measurement !== null) {
                $measurements[] = $measurement;
            }
        }
        $effusion = FluidJudge::effusion($examination);
        if ($effusion !== null) {
            $readings[] = FluidJudge::reading($examination, $effusion);
        }
        $readings = self::inOrderDone([...$readings, ...CollateralTenderness::readings($examination)]);

        return new self($measurements, $readings, $effusion, McMurrayJudge::disagreement($examination), $remarks);
    }

    private static function judge(Manoeuvre $manoeuvre): ?Judge
    {
        $by = $manoeuvre->judgedBy;

        return match ($by?->kind) {
            null => null,
            JudgeKind::Answer => new AnswerJudge($by),
            JudgeKind::Translation => new TranslationJudge,
            JudgeKind::Collateral => new CollateralJudge,
            JudgeKind::McMurray => new McMurrayJudge,
            JudgeKind::Apley => SidedSymptomJudge::apley(),
            JudgeKind::Grind => SidedSymptomJudge::grind(),
            JudgeKind::Thessaly => SidedSymptomJudge::thessaly(),
            JudgeKind::Pivot => PlainJudge::pivotShift(),
            JudgeKind::Edges => PlainJudge::patellarEdges(),
            JudgeKind::JointLine => PlainJudge::jointLines(),
            JudgeKind::Displacement => PlainJudge::displacements(),
            default => ComparedJudge::of($by->kind),
        };
    }

    /** Figures that are compared but not graded. */
    private static function plainMeasurement(Comparison $knees): ?Measurement
    {
        $manoeuvre = $knees->hurt->manoeuvre;
        foreach ($manoeuvre->fields as $field) {
            if (! self::isCompared($field, $knees->hurt)) {
                continue;
            }

            return new Measurement(
                $manoeuvre->id,
                $field->unit,
                $knees->hurt->number($field->name),
                $knees->other?->number($field->name),
                $knees->difference($field->name),
                provisional: $knees->difference($field->name) === null,
                comparedWith: $knees->with(),
            );
        }

        return null;
    }

    private static function isCompared(Field $field, Record $hurt): bool
    {
        return $field->kind === FieldKind::Number
            && \in_array($field->unit, self::UNITS, true)
            && $hurt->number($field->name) !== null
            && ($field->name !== 'angleDeg' || $hurt->manoeuvre->id === 'alignment');
    }

    /**
     * @param  list<Reading>  $readings
     * @return list<Reading>
     */
    private static function inOrderDone(array $readings): array
    {
        usort(
            $readings,
            static fn (Reading $a, Reading $b): int => ($a->record->position ?? -1) <=> ($b->record->position ?? -1),
        );

        return $readings;
    }
}
