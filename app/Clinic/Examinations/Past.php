<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use App\Access\Teams\TeamDays;
use App\Clinic\Models\Episode;
use App\Clinic\Models\Examination;
use App\Clinic\Models\ReferenceResult;
use App\Clinic\Models\Snapshot;
use App\Clinic\Models\StoredRecord;
use App\Clinic\Models\StudentScope;
use App\Clinic\Values\ExaminationStatus;
use App\Clinic\Values\InjuryState;
use App\Clinic\Values\ReferenceAnswer;
use App\Clinic\Values\ReferenceKind;
use App\Platform\Database\TeamScope;
use GrayCompass\Core\Examination\KnownBy;
use GrayCompass\Core\Examination\Treatment;
use GrayCompass\Core\Wire\PastShape;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * What is known of a knee before an examination of it: signed visits of the same episode, and what scans and operations
 * have shown. Of a signed examination it is what was known when it was signed.
 *
 * @phpstan-type Parts array{earlier?: list<mixed>, known?: list<mixed>}
 */
final class Past
{
    /** What an earlier visit says of itself; everything else is as today. */
    private const FRAME = ['setting', 'ageYears', 'hoursSinceInjury', 'otherKneeReliable'];

    /**
     * @return Parts what it adds to the document; empty where nothing is known
     */
    public static function of(Examination $examination): array
    {
        if ($examination->isSigned()) {
            /** @var Parts $kept */
            $kept = (array) Snapshot::query()->where('examination_id', $examination->id)->first()?->past;

            return $kept;
        }
        $episode = $examination->episode;
        if ($episode->is_baseline) {
            return [];
        }

        [$hasVisits, $hasResults] = self::mayHave($examination, $episode);

        return array_filter([
            'earlier' => $hasVisits ? self::earlier($examination) : [],
            'known' => $hasResults ? self::known($examination, $episode) : [],
        ]);
    }

    /**
     * Most knees have no past, and every save asks: one plain statement says for which there may be any.
     *
     * @return array{bool, bool} signed visits of the episode, and results of any knee of the athlete
     */
    private static function mayHave(Examination $examination, Episode $episode): array
    {
        $found = (array) DB::selectOne(
            'select exists(select 1 from examinations where episode_id = ? and status = ?) as visits,'
            .' exists(select 1 from reference_results where athlete_id = ?) as results',
            [$examination->episode_id, ExaminationStatus::Signed->value, $episode->athlete_id],
        );

        return [(bool) $found['visits'], (bool) $found['results']];
    }

    /**
     * Newest first. It does not depend on the user: what was weighed does not depend on who looks at it.
     *
     * @return list<stdClass>
     */
    private static function earlier(Examination $examination): array
    {
        $visits = Examination::query()->withoutGlobalScopes([TeamScope::class, StudentScope::class])->current()
            ->where('episode_id', $examination->episode_id)
            ->where('examined_at', '<', $examination->examined_at)
            ->whereNotIn('id', array_filter([$examination->id, $examination->supersedes_id]))
            ->with(['sections', 'records'])
            ->orderByDesc('examined_at')->orderByDesc('id')->limit(PastShape::MOST_VISITS)->get();
        $days = TeamDays::ofTeam($examination->team_id);

        return array_values($visits->map(static function (Examination $visit) use ($examination, $days): stdClass {
            $frame = $visit->sections->firstWhere('name', 'frame')->payload ?? new stdClass;
            $safety = $visit->sections->firstWhere('name', 'safety')?->payload;

            return (object) array_filter([
                'id' => $visit->id,
                'examinedOn' => $days->day($visit->examined_at)->toDateString(),
                'daysAgo' => $days->between($visit->examined_at, $examination->examined_at),
                'daysSinceInjury' => $frame->daysSinceInjury ?? null,
                'findings' => self::findings($visit),
                'frame' => (object) array_filter([
                    ...array_intersect_key((array) $frame, array_flip(self::FRAME)),
                    'safety' => $safety,
                ], static fn (mixed $part): bool => $part !== null),
            ], static fn (mixed $part): bool => $part !== null);
        })->all());
    }

    /**
     * @return list<stdClass>
     */
    private static function findings(Examination $visit): array
    {
        return array_values($visit->records
            ->filter(static fn (StoredRecord $one): bool => $one->payload !== null)
            ->map(static fn (StoredRecord $one): stdClass => (object) [
                'manoeuvre' => $one->manoeuvre, 'side' => $one->side,
                ...array_diff_key((array) $one->payload, ['override' => 0, 'manoeuvre' => 0, 'side' => 0]),
            ])->all());
    }

    /**
     * Of this knee, in this episode and before it.
     *
     * @return list<stdClass>
     */
    private static function known(Examination $examination, Episode $episode): array
    {
        $day = TeamDays::ofTeam($examination->team_id)->day($examination->examined_at);
        $results = ReferenceResult::query()->withoutGlobalScopes([TeamScope::class, StudentScope::class])
            ->whereIn('episode_id', Episode::query()->select('id')
                ->where('athlete_id', $episode->athlete_id)->where('hurt_side', $episode->hurt_side)
                ->where('is_baseline', false))
            ->where('seen_on', '<=', $day->toDateString())
            ->orderByDesc('seen_on')->orderByDesc('id')->limit(PastShape::MOST_KNOWN)->get();

        return array_values($results->map(static fn (ReferenceResult $one): stdClass => (object) array_filter([
            'by' => self::by($one->kind)->value,
            'on' => $one->seen_on->toDateString(),
            'daysAgo' => (int) $one->seen_on->startOfDay()->diffInDays($day->startOfDay()),
            'episode' => $one->episode_id === $episode->id ? 'this' : 'before',
            'results' => (object) self::shown($one),
            'grade' => self::grades($one),
            'treated' => $one->content['treated'] ?? Treatment::None->value,
            'report' => $one->content['note'],
        ], static fn (mixed $part): bool => $part !== ''))->all());
    }

    private static function by(ReferenceKind $kind): KnownBy
    {
        return match ($kind) {
            ReferenceKind::Mri => KnownBy::Mri,
            ReferenceKind::Arthroscopy => KnownBy::Arthroscopy,
            ReferenceKind::Operation => KnownBy::Operation,
            ReferenceKind::Ultrasound => KnownBy::Ultrasound,
            ReferenceKind::XRay => KnownBy::Xray,
            ReferenceKind::ClinicalCourse => KnownBy::Course,
        };
    }

    /**
     * @return array<string, string> present or absent, by condition
     */
    private static function shown(ReferenceResult $result): array
    {
        $shown = [];
        foreach ($result->answers() as $answer) {
            $shown[$answer->condition->value] = $answer->seen->value;
        }

        return $shown;
    }

    private static function grades(ReferenceResult $result): string
    {
        return implode(', ', array_map(
            static fn (ReferenceAnswer $answer): string => "{$answer->condition->label()} grade {$answer->grade}",
            array_filter(
                $result->answers(),
                static fn (ReferenceAnswer $answer): bool => $answer->grade !== null && $answer->seen === InjuryState::Present,
            ),
        ));
    }
}
