<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use App\Access\Teams\TeamDays;
use App\Clinic\Models\Episode;
use App\Clinic\Models\Examination;
use App\Clinic\Models\Section;
use App\Clinic\Models\StoredRecord;
use App\Clinic\Values\Part;
use App\Clinic\Values\SectionName;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use App\Platform\Database\Turn;
use GrayCompass\Core\Knee\Setting;
use GrayCompass\Core\Knee\Side;
use GrayCompass\Document\Refusal;
use stdClass;

/**
 * The wrong side or day was said when an examination was begun. Both, and what follows from them, are changed together:
 * the episode that it belongs to, and the frame. What was found on each knee stays on that knee.
 */
final readonly class KneeChanger
{
    /** What the frame has from the episode and the athlete, and nobody changes in it. */
    public const FACTS = ['hurtSide', 'daysSinceInjury', 'ageYears'];

    public function __construct(private Assessments $assessments, private AuditLog $log)
    {
    }

    /**
     * @param  int|null  $daysSinceInjury  on the day of the examination; null: came on without an injury
     * @param  int  $seen  version of the frame that was on screen
     * @param  bool  $overOthers  whether entries of others may be changed with it
     *
     * @throws Refusal|AlreadySigned|StaleVersion|EnteredByAnother
     */
    public function change(
        Examination $examination, Side $hurtSide, ?int $daysSinceInjury, int $seen, string $by, bool $overOthers,
    ): Examination {
        return Turn::of("examination {$examination->id}", function (string $lock) use (
            $examination, $hurtSide, $daysSinceInjury, $seen, $by, $overOthers,
        ): Examination {
            $query = Examination::query()->whereKey($examination->id);
            $query->lock($lock);
            $locked = $query->firstOrFail()->load(['sections', 'records', 'episode.athlete']);
            $frame = $locked->sections->firstOrFail('name', SectionName::Frame->value);
            self::insist($locked, $frame, $seen, $by, $overOthers);
            $before = self::knee($locked->episode);
            $this->move($locked, $hurtSide, $daysSinceInjury);
            $frame->update([
                'payload' => self::changed($locked, $frame->payload, $daysSinceInjury),
                'version' => $frame->version + 1,
                'saved_by' => $by,
            ]);
            $assessment = $this->assessments->assess(Document::of($locked), $locked);
            $locked->update(['holds' => KnownHolds::write($assessment), 'revision' => $locked->revision + 1]);
            $this->log->record(AuditEvent::KneeChanged, $locked->id, [
                'from' => $before, 'to' => self::knee($locked->episode),
            ]);

            return $locked;
        });
    }

    private static function insist(Examination $locked, Section $frame, int $seen, string $by, bool $overOthers): void
    {
        if ($locked->isSigned()) {
            throw new AlreadySigned;
        }
        if ($locked->twin_id !== null) {
            throw Refusal::at('hurtSide', __('clinic.kneeChanger.both_knees_are_examined_each_stays'));
        }
        if ($locked->episode->is_baseline) {
            throw Refusal::at('hurtSide', __('clinic.kneeChanger.a_baseline_is_of_both_knees'));
        }
        if ($frame->version !== $seen) {
            throw new StaleVersion(Part::section(SectionName::Frame), $frame);
        }
        $isAnothers = static fn (Section|StoredRecord $row): bool => $row->saved_by !== $by;
        if (! $overOthers && ($locked->sections->contains($isAnothers) || $locked->records->contains($isAnothers))) {
            throw new EnteredByAnother;
        }
    }

    /** Other examinations of the episode stay of the knee that they were of: this one goes to an episode of its own. */
    private function move(Examination $locked, Side $hurtSide, ?int $daysSinceInjury): void
    {
        $injuredOn = $daysSinceInjury === null ? null : TeamDays::ofTeam($locked->team_id)
            ->day($locked->examined_at)->subDays($daysSinceInjury)->toDateString();
        $given = [
            'athlete_id' => $locked->episode->athlete_id, 'hurt_side' => $hurtSide->value, 'injured_on' => $injuredOn,
        ];
        $episode = Episode::query()->where($given)->where('is_baseline', false)->first();
        if ($episode === null && ! $locked->episode->examinations()->whereKeyNot($locked->id)->exists()) {
            $locked->episode->update($given);

            return;
        }
        $episode ??= Episode::query()->create($given);
        $episode->setRelation('athlete', $locked->episode->athlete);
        $locked->update(['episode_id' => $episode->id]);
        $locked->setRelation('episode', $episode);
    }

    private static function changed(Examination $examination, stdClass $frame, ?int $daysSinceInjury): stdClass
    {
        $frame = (object) [
            ...(array) $frame,
            'hurtSide' => $examination->episode->hurt_side->value,
            'daysSinceInjury' => $daysSinceInjury,
        ];
        $isTouchline = ($frame->route ?? null) === 'touchline';
        // Who said why the setting is another one keeps it; for everybody else it follows from the days.
        if (! isset($frame->settingChosen)) {
            $age = $frame->ageYears ?? null;
            $frame->setting = Setting::preset($daysSinceInjury, is_int($age) ? $age : 0, $isTouchline)->value;
        }
        if ($daysSinceInjury === null || $daysSinceInjury > 1) {
            unset($frame->hoursSinceInjury);
        }

        return $frame;
    }

    private static function knee(Episode $episode): string
    {
        return $episode->hurt_side->value.' '.($episode->injured_on?->toDateString() ?? 'without an injury');
    }
}
