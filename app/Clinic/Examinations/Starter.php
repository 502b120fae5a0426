<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use App\Access\Models\Team;
use App\Access\Teams\TeamDays;
use App\Clinic\Models\Episode;
use App\Clinic\Models\Examination;
use App\Clinic\Values\ExaminationStatus;
use App\Club\Models\Athlete;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use App\Platform\Database\Turn;
use Carbon\CarbonImmutable;
use GrayCompass\Core\Assessor;
use GrayCompass\Core\Examination\Route;
use GrayCompass\Core\Knee\Setting;
use GrayCompass\Core\Knee\Side;
use GrayCompass\Document\Refusal;
use Illuminate\Support\Facades\Date;

/** Opens an examination: an episode of this knee, and the frame of facts known before a hand is laid on. */
final class Starter
{
    public function __construct(private readonly Assessor $assessor, private readonly AuditLog $log)
    {
    }

    /**
     * @param  Side  $hurtSide  left or right
     * @param  int|null  $daysSinceInjury  null: came on without an injury
     * @param  Setting|null  $setting  null: the team's, or the one that follows from days, age and route
     *
     * @throws Refusal where a baseline is to begin with an injury
     */
    public function start(
        Athlete $athlete,
        string $examinerId,
        Side $hurtSide,
        ?int $daysSinceInjury,
        ?Setting $setting,
        Route $route,
    ): Examination {
        if ($route->isBaseline() && $daysSinceInjury !== null) {
            throw Refusal::at('daysSinceInjury', 'a baseline is of sound knees: there is no injury');
        }
        $now = Date::now();
        $days = TeamDays::ofTeam($athlete->team_id);
        $today = $days->today();
        $age = $athlete->age($today);

        return Turn::of("athlete {$athlete->id}", function (string $lock) use (
            $athlete, $examinerId, $hurtSide, $daysSinceInjury, $setting, $route, $now, $today, $age,
        ): Examination {
            // One start at a time for one athlete: two at once would each find no episode, and make one.
            Athlete::query()->whereKey($athlete->id)->lock($lock)->value('id');
            $episode = $route->isBaseline()
                ? Baselines::episode($athlete)
                : self::episode($athlete, $hurtSide, $daysSinceInjury, $today);
            $examination = Examination::query()->create([
                'team_id' => $athlete->team_id,
                'episode_id' => $episode->id,
                'examiner_id' => $examinerId,
                'status' => ExaminationStatus::Draft,
                'examined_at' => $now,
                'revision' => 0,
                'baseline_id' => $route->isBaseline() ? null : Baselines::latest($athlete->id, $now)?->id,
            ]);
            $team = Team::query()->findOrFail($athlete->team_id)->settings;
            $begun = ['examination_id' => $examination->id, 'name' => 'frame', 'version' => 1, 'saved_by' => $examinerId];
            $examination->sections()->create([...$begun, 'payload' => (object) [
                'setting' => ($setting ?? ($route->isTouchline() ? null : $team->setting)
                    ?? Setting::preset($daysSinceInjury, $age, $route->isTouchline()))->value,
                'route' => $route->id,
                'hurtSide' => $episode->hurt_side->value,
                'daysSinceInjury' => $daysSinceInjury,
                'ageYears' => $age,
                ...($team->schools === [] ? [] : ['schools' => (object) $team->schools]),
            ]]);
            if ($athlete->coachMayKnow($today) === true) {
                $examination->sections()->create([
                    ...$begun, 'name' => 'opening', 'payload' => (object) ['coachMayKnow' => true],
                ]);
            }
            $this->assessor->read(Document::of($examination->load(['sections', 'records']))->content());

            $this->log->record(AuditEvent::ExaminationStarted, $examination->id);

            return $examination;
        });
    }

    private static function episode(
        Athlete $athlete, Side $hurtSide, ?int $daysSinceInjury, CarbonImmutable $today,
    ): Episode {
        $injuredOn = $daysSinceInjury === null ? null : $today->subDays($daysSinceInjury)->toDateString();

        return Episode::query()->where('athlete_id', $athlete->id)->where('hurt_side', $hurtSide->value)->where('injured_on', $injuredOn)
            ->where('is_baseline', false)->first()
            ?? Episode::query()->create([
                'athlete_id' => $athlete->id, 'hurt_side' => $hurtSide, 'injured_on' => $injuredOn,
            ]);
    }
}
