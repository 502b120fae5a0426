<?php

declare(strict_types=1);

namespace App\Examinations;

use App\Models\Athlete;
use App\Models\Episode;
use App\Models\Examination;
use App\Models\ExaminationStatus;
use GrayCompass\Core\Assessor;
use GrayCompass\Core\Findings\Route;
use GrayCompass\Core\Knee\Setting;
use GrayCompass\Core\Knee\Side;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;

/** Opens an examination: an episode of this knee, and the frame of facts known before a hand is laid on. */
final class Starter
{
    public function __construct(private readonly Assessor $assessor)
    {
    }

    /**
     * @param  Side  $hurtSide  left or right
     * @param  int|null  $daysSinceInjury  null: came on without an injury
     * @param  Setting|null  $setting  null: the one that follows from days, age and route
     */
    public function start(
        Athlete $athlete,
        string $examinerId,
        Side $hurtSide,
        ?int $daysSinceInjury,
        ?Setting $setting,
        Route $route,
    ): Examination {
        $today = Date::now();
        $age = (int) $athlete->born_on->diffInYears($today);

        return DB::transaction(function () use (
            $athlete, $examinerId, $hurtSide, $daysSinceInjury, $setting, $route, $today, $age,
        ): Examination {
            $injuredOn = $daysSinceInjury === null ? null : $today->subDays($daysSinceInjury)->toDateString();
            $episode = $athlete->episodes()->where(
                'hurt_side',
                $hurtSide->value,
            )->where('injured_on', $injuredOn)->first()
                ?? Episode::query()->create([
                    'athlete_id' => $athlete->id,
                    'hurt_side' => $hurtSide,
                    'injured_on' => $injuredOn,
                ]);
            $examination = Examination::query()->create([
                'team_id' => $athlete->team_id,
                'episode_id' => $episode->id,
                'examiner_id' => $examinerId,
                'status' => ExaminationStatus::Draft,
                'examined_at' => $today,
            ]);
            $examination->sections()->create(['name' => 'frame', 'version' => 1, 'payload' => (object) [
                'setting' => ($setting ?? Setting::preset($daysSinceInjury, $age, $route->isTouchline()))->value,
                'route' => $route->id,
                'hurtSide' => $hurtSide->value,
                'daysSinceInjury' => $daysSinceInjury,
                'ageYears' => $age,
            ]]);
            $this->assessor->read(Document::of($examination->load(['sections', 'findings']))->content());

            return $examination;
        });
    }
}
