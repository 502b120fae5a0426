<?php

declare(strict_types=1);

namespace App\Clinic\Course;

use App\Clinic\Examinations\Document;
use App\Clinic\Examinations\WrittenAssessment;
use App\Clinic\Models\Episode;
use App\Clinic\Models\Examination;
use App\Clinic\Models\Snapshot;
use GrayCompass\Core\Assessor;
use GrayCompass\Core\Course\CourseMeasure;
use GrayCompass\Core\Examination\HurtKnee;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Knee\Side;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;

/**
 * The course of one knee over its signed visits. Chances and grades are those that were signed; measures are read from
 * the records, which never change after a signature.
 */
final readonly class Course
{
    public function __construct(private Assessor $assessor, private Figures $figures)
    {
    }

    /**
     * @return list<CourseMeasure> in the order in which they are shown
     */
    public function curves(): array
    {
        return $this->figures->curves()->all;
    }

    /**
     * @return list<Visit> oldest first
     */
    public function of(Episode $episode): array
    {
        $signed = $episode->examinations()->current()->with(['sections', 'records'])
            ->orderBy('examined_at')->get();
        /** @var Collection<string, Snapshot> $snapshots */
        $snapshots = Snapshot::query()->whereIn('examination_id', $signed->modelKeys())->get()->keyBy('examination_id');
        $visits = [];
        foreach ($signed as $examination) {
            $snapshot = $snapshots->get($examination->id);
            if ($snapshot !== null) {
                $visits[] = $this->visit($examination, $snapshot);
            }
        }

        return $visits;
    }

    /**
     * The same knee while it was sound, newest first: its measures, and no chances.
     *
     * @return list<Visit>
     */
    public function baselines(Episode $episode): array
    {
        if ($episode->is_baseline) {
            return [];
        }
        $signed = Examination::query()->current()->whereHas('episode', static fn (Builder $episodes): Builder => $episodes
            ->where('athlete_id', $episode->athlete_id)->where('is_baseline', true))
            ->with(['sections', 'records'])->orderByDesc('examined_at')->get();

        return array_values($signed->map(fn (Examination $one): Visit => new Visit(
            $one, [], $this->values($this->knee($one, $episode->hurt_side), null), [],
        ))->all());
    }

    private function visit(Examination $examination, Snapshot $snapshot): Visit
    {
        $signed = WrittenAssessment::signed($snapshot);
        $values = $this->values($this->knee($examination), $signed->fluidGrade());

        return new Visit($examination, $signed->chances(), $values, $signed->grades());
    }

    /**
     * @return array<string, float> by curve; what was not measured is not among them
     */
    private function values(HurtKnee $knee, ?float $fluid): array
    {
        $values = [];
        foreach ($this->curves() as $curve) {
            $value = $curve->value($knee, $fluid);
            if ($value !== null) {
                $values[$curve->id] = $value;
            }
        }

        return $values;
    }

    /**
     * @param  Side|null  $side  which of both knees is meant; null: the hurt one
     */
    private function knee(Examination $examination, ?Side $side = null): HurtKnee
    {
        $document = Document::of($examination)->content();
        if ($side !== null) {
            $document->hurtSide = $side->value;
        }

        return new HurtKnee($this->assessor->read($document));
    }
}
