<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use App\Access\Models\Team;
use App\Access\Teams\TeamDays;
use App\Clinic\Models\Episode;
use App\Clinic\Models\Examination;
use App\Clinic\Values\ExaminationStatus;
use App\Clinic\Values\SectionName;
use App\Club\Models\Athlete;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use App\Platform\Database\Turn;
use Carbon\CarbonImmutable;
use GrayCompass\Core\Assessor;
use GrayCompass\Document\Refusal;
use stdClass;

/** Opens an examination: an episode of this knee, and the frame of facts known before a hand is laid on. */
final readonly class Starter
{
    public function __construct(private Assessor $assessor, private AuditLog $log)
    {
    }

    /**
     * @param  string  $by  id of the examiner
     * @return Examination the one begun before, where this start comes a second time
     *
     * @throws Refusal
     */
    public function start(Athlete $athlete, string $by, Start $start): Examination
    {
        $moment = $start->moment();
        $today = TeamDays::ofTeam($athlete->team_id)->day($moment);

        return Turn::of("athlete {$athlete->id}", function (string $lock) use ($athlete, $by, $start, $moment, $today): Examination {
            // One start at a time for one athlete: two at once would each find no episode, and make one.
            Athlete::query()->whereKey($athlete->id)->lock($lock)->value('id');
            $begun = self::begun($athlete, $by, $start->id);
            if ($begun !== null) {
                return $begun;
            }
            $episode = $start->route->isBaseline() ? Baselines::episode($athlete) : Episodes::begun(
                $athlete, $start->hurtSide, $start->daysSinceInjury === null ? null : $today->subDays($start->daysSinceInjury),
            );
            $examination = self::draft($episode, $athlete, $by, $start, $moment);
            foreach (self::sections($episode, $athlete, $start, $moment, $today) as $name => $payload) {
                $examination->sections()->create([
                    'examination_id' => $examination->id, 'name' => $name, 'version' => 1, 'saved_by' => $by,
                    'payload' => (object) $payload,
                ]);
            }
            $this->assessor->read(Document::of($examination->load(['sections', 'records']))->content());
            $this->log->record(AuditEvent::ExaminationStarted, $examination->id);

            return $examination;
        });
    }

    /** @throws Refusal where another examination has this id */
    private static function begun(Athlete $athlete, string $by, ?string $id): ?Examination
    {
        $there = $id === null ? null : Examination::withoutGlobalScopes()->with('episode')->find($id);
        if ($there === null) {
            return null;
        }

        return $there->examiner_id === $by && $there->episode->athlete_id === $athlete->id
            ? $there
            : throw Refusal::at('id', __('clinic.start.id_is_taken'));
    }

    private static function draft(
        Episode $episode, Athlete $athlete, string $by, Start $start, CarbonImmutable $moment,
    ): Examination {
        return Examination::query()->create([
            ...($start->id === null ? [] : ['id' => $start->id]),
            'team_id' => $athlete->team_id,
            'episode_id' => $episode->id,
            'examiner_id' => $by,
            'status' => ExaminationStatus::Draft,
            'examined_at' => $moment,
            'revision' => 0,
            'baseline_id' => $start->route->isBaseline() ? null : Baselines::latest($athlete->id, $moment)?->id,
        ]);
    }

    /**
     * What is known of an athlete's knee as an examination begins, beside its frame.
     *
     * @return array<string, array<string, mixed>|stdClass> payloads by section
     */
    public static function carried(Episode $episode, Athlete $athlete, CarbonImmutable $moment): array
    {
        return [
            ...($episode->is_baseline ? [] : CarriedHistory::of($episode, $moment)),
            ...($athlete->coachMayKnow(TeamDays::ofTeam($athlete->team_id)->day($moment)) === true
                ? [SectionName::Opening->value => ['coachMayKnow' => true]]
                : []),
        ];
    }

    /**
     * @return array<string, array<string, mixed>|stdClass> payloads by section
     */
    private static function sections(
        Episode $episode, Athlete $athlete, Start $start, CarbonImmutable $moment, CarbonImmutable $today,
    ): array {
        $team = Team::query()->findOrFail($athlete->team_id)->settings;
        $age = $athlete->age($today);
        $frame = [
            'setting' => $start->setting($team->setting, $age)->value,
            'route' => $start->route->id,
            'hurtSide' => $episode->hurt_side->value,
            'daysSinceInjury' => $start->daysSinceInjury,
            'ageYears' => $age,
            ...($team->schools === [] ? [] : ['schools' => (object) $team->schools]),
        ];

        return [
            SectionName::Frame->value => $frame,
            ...self::carried($episode, $athlete, $moment),
        ];
    }
}
