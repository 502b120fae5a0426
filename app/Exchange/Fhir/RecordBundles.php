<?php

declare(strict_types=1);

namespace App\Exchange\Fhir;

use App\Access\Models\Team;
use App\Clinic\Examinations\Assessments;
use App\Clinic\Examinations\Document;
use App\Clinic\Models\Episode;
use App\Clinic\Models\Examination;
use App\Clinic\Models\ReferenceResult;
use App\Clinic\Models\Snapshot;
use App\Clinic\Reports\SummaryPdf;
use App\Clinic\Values\ReferenceAnswer;
use App\Club\Models\Athlete;
use GrayCompass\Core\Bundles;
use GrayCompass\Core\Fhir\Parties;
use GrayCompass\Core\Fhir\Party;
use GrayCompass\Core\Fhir\ReferenceResult as ReferenceEntry;
use GrayCompass\Core\Fhir\Signature;
use GrayCompass\Core\Fhir\Terms;
use GrayCompass\Document\Json;
use Illuminate\Database\Eloquent\Builder;
use stdClass;

/**
 * What is recorded, as bundles of FHIR R4 resources.
 *
 * @phpstan-import-type Element from Terms
 *
 * @phpstan-type Entry array{fullUrl: string, resource: Element}
 */
final readonly class RecordBundles
{
    public function __construct(
        private Bundles $bundles, private Assessments $assessments, private People $people, private SummaryPdf $papers,
        private AthleteResources $beside,
    ) {
    }

    /**
     * @param  bool  $withPaper  with its summary as a PDF
     * @return array{resourceType: string, type: string, entry: list<Entry>}
     */
    public function ofExamination(Examination $examination, bool $withPaper = false): array
    {
        $examination->loadMissing(Examination::WHOLE);
        $told = $this->assessments->assessment($examination);
        $assessment = Json::read(Json::write($told), Bundles::MAX_BYTES);
        $team = Team::query()->findOrFail($examination->team_id);
        \assert($assessment instanceof stdClass);

        $bundle = $this->bundles->of(Document::of($examination)->content(), $assessment, new Parties(
            $this->people->patient($examination->episode->athlete, $team),
            $examination->origin === null ? $this->people->practitioner($examination->examiner) : null,
            $this->people->organization($team),
            $this->signature($examination),
            $withPaper ? $this->papers->render($examination, $told) : null,
        ));
        $role = $examination->origin === null ? $this->beside->role($examination->examiner, $team) : null;

        return $role === null ? $bundle : [...$bundle, 'entry' => [...$bundle['entry'], $role]];
    }

    /** What was signed elsewhere has none here. */
    private function signature(Examination $examination): ?Signature
    {
        [$signer, $at] = [$examination->signer, $examination->signed_at];
        $snapshot = $signer === null ? null : Snapshot::query()->where('examination_id', $examination->id)->first();

        return $signer === null || $at === null || $snapshot === null ? null : new Signature(
            $this->people->practitioner($signer), $at->toIso8601ZuluString(), $snapshot->digest(),
        );
    }

    /**
     * All examinations of an athlete and what the knees turned out to have, one resource at a time: a long record never
     * stands in memory as a whole.
     *
     * @return iterable<Entry>
     */
    public function ofAthlete(Athlete $athlete): iterable
    {
        $team = Team::query()->findOrFail($athlete->team_id);
        $patient = $this->people->patient($athlete, $team);
        $told = [];
        foreach ([['Organization', $this->people->organization($team)], ['Patient', $patient]] as [$type, $party]) {
            $told[$party->reference()['reference']] = true;
            yield self::entry($type, $party);
        }
        yield from $this->beside->of($athlete, $patient);
        foreach (self::examinations($athlete) as $examination) {
            foreach ($this->ofExamination($examination)['entry'] as $entry) {
                if (! isset($told[$entry['fullUrl']])) {
                    $told[$entry['fullUrl']] = true;
                    yield $entry;
                }
            }
        }
        foreach ($this->ofReferenceResults($athlete) as [, $entries]) {
            yield from $entries;
        }
    }

    /**
     * Oldest first; without those whose place another signed one has taken, which nobody should act on.
     *
     * @return iterable<Examination>
     */
    public static function examinations(Athlete $athlete): iterable
    {
        return Examination::query()
            ->whereHas('episode', static fn (Builder $episodes) => $episodes->where('athlete_id', $athlete->id))
            ->whereDoesntHave('superseding', static fn (Builder $next) => $next->whereNotNull('signed_at'))
            ->orderBy('examined_at')->orderBy('id')->lazy(1);
    }

    /**
     * What the knees of an athlete turned out to have, oldest first.
     *
     * @return iterable<array{ReferenceResult, list<Entry>}>
     */
    public function ofReferenceResults(Athlete $athlete): iterable
    {
        $patient = $this->people->patient($athlete, Team::query()->findOrFail($athlete->team_id));
        $results = ReferenceResult::query()->where('athlete_id', $athlete->id)->orderBy('seen_on')->orderBy('id');
        foreach ($results->lazy(1) as $result) {
            yield [$result, $this->bundles->ofReferenceResult($this->reference($result), $patient)];
        }
    }

    private function reference(ReferenceResult $result): ReferenceEntry
    {
        return new ReferenceEntry(
            $result->id,
            $result->kind->value,
            $result->kind->label(),
            $result->kind->treats(),
            $result->seen_on->toDateString(),
            Episode::query()->findOrFail($result->episode_id)->hurt_side,
            array_map(static fn (ReferenceAnswer $answer): array => [
                'condition' => $answer->condition, 'seen' => $answer->seen->value, 'grade' => $answer->grade,
            ], $result->answers()),
            $result->content['note'],
        );
    }

    /** @return Entry */
    private static function entry(string $type, Party $party): array
    {
        return [
            'fullUrl' => $party->reference()['reference'],
            'resource' => ['resourceType' => $type, 'id' => $party->uuid, ...$party->body],
        ];
    }
}
