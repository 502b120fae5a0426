<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use App\Clinic\Models\Episode;
use App\Clinic\Models\Examination;
use App\Clinic\Values\ExaminationStatus;
use App\Club\Models\Athlete;
use Carbon\CarbonImmutable;
use GrayCompass\Core\Knee\Side;

/**
 * For a device that starts an examination offline: what the server would know of each knee of an athlete, whether an
 * injury goes on or is new.
 */
final class AthletePast
{
    /**
     * @param  CarbonImmutable  $moment  at which an examination would begin
     * @return list<KneePast> of each episode, of an injury of each side that is new, and of sound knees
     */
    public static function of(Athlete $athlete, CarbonImmutable $moment): array
    {
        $episodes = Episode::query()->where('athlete_id', $athlete->id)->where('is_baseline', false)->orderBy('id')->get();
        $baseline = Baselines::latest($athlete->id, $moment)?->id;
        $new = array_map(
            static fn (Side $side): Episode => new Episode(['athlete_id' => $athlete->id, 'hurt_side' => $side, 'is_baseline' => false]),
            [Side::Left, Side::Right],
        );
        $sound = new Episode(['athlete_id' => $athlete->id, 'hurt_side' => Side::Left, 'is_baseline' => true]);

        return array_map(static fn (Episode $episode): KneePast => new KneePast(
            $episode,
            Starter::carried($episode, $athlete, $moment),
            Basis::ofDraft(self::examination($episode, $athlete, $moment, $episode->is_baseline ? null : $baseline)),
        ), [...$episodes->all(), ...$new, $sound]);
    }

    /** As it would begin: it is never stored. */
    private static function examination(
        Episode $episode, Athlete $athlete, CarbonImmutable $moment, ?string $baseline,
    ): Examination {
        return (new Examination([
            'team_id' => $athlete->team_id,
            'episode_id' => $episode->id,
            'status' => ExaminationStatus::Draft,
            'examined_at' => $moment,
            'baseline_id' => $baseline,
        ]))->setRelation('episode', $episode);
    }
}
