<?php

declare(strict_types=1);

namespace App\Exchange\Referrals;

use App\Access\Models\User;
use App\Clinic\Models\ReferenceResult;
use App\Clinic\Models\Task;
use App\Clinic\ReferenceResults\ReferenceFacts;
use App\Clinic\ReferenceResults\ReferenceResults;
use App\Clinic\Tasks\TaskChange;
use App\Clinic\Tasks\Tasks;
use App\Clinic\Values\TaskKind;
use App\Clinic\Values\TaskState;
use App\Exchange\Models\SentReferral;
use App\Exchange\Sending\Waits;
use App\Exchange\Values\ReferralState;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use GrayCompass\Document\Json;
use GrayCompass\Document\Refusal;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use stdClass;

/** Referrals on their way to the hospital, and its answers on their way into the record. */
final readonly class Referrals
{
    private const MOST_BYTES = 5_242_880;

    /** Asked for the first answer after so many seconds; then the later the less often, at most once an hour. */
    private const FIRST_SECONDS = 60;

    private const MOST_SECONDS = 3_600;

    /** A tenth of how long it has waited already. */
    private const SHARE = 10;

    public function __construct(
        private Hospital $hospital, private ReferralRequest $requests, private Answer $answers, private Tasks $tasks,
        private ReferenceResults $results, private AuditLog $log,
    ) {
    }

    /**
     * Gives a referral to the queue; one that went out already stays as it is.
     *
     * @throws Refusal where it is no open referral of a knee, or no hospital is known
     */
    public function send(Task $task, User $by): SentReferral
    {
        if (! $this->hospital->isKnown()) {
            throw Refusal::ofTheWhole(__('exchange.hospital.unknown'));
        }

        return DB::transaction(function () use ($task, $by): SentReferral {
            $locked = Task::query()->lockForUpdate()->findOrFail($task->id);
            $before = SentReferral::query()->where('task_id', $locked->id)->first();
            if ($before !== null) {
                return $before;
            }
            if ($locked->kind !== TaskKind::Referral || $locked->examination_id === null || $locked->state->isClosed()) {
                throw Refusal::at('task', __('exchange.hospital.no_referral'));
            }
            $id = strtolower((string) Str::ulid());
            $referral = SentReferral::query()->create([
                'id' => $id, 'team_id' => $locked->team_id, 'athlete_id' => $locked->athlete_id, 'task_id' => $locked->id,
                'sent_by' => $by->id, 'state' => ReferralState::Waiting,
                'request' => $this->requests->of($id, $locked->loadMissing('athlete'), $by),
            ]);
            if ($locked->state === TaskState::Open) {
                $this->tasks->move($locked, new TaskChange(TaskState::Sent), $by);
            }
            $this->log->record(AuditEvent::ReferralSent, $locked->athlete_id);
            dispatch(new SendReferral($id, 0));

            return $referral;
        });
    }

    /** By hand: sends it once more, or asks at once for the answer. */
    public function hurry(SentReferral $referral): void
    {
        if ($referral->state === ReferralState::Sent) {
            $this->ask($referral);
        } elseif (\in_array($referral->state, [ReferralState::Waiting, ReferralState::Failed], true)) {
            $referral->update(['state' => ReferralState::Waiting, 'attempts' => 0, 'next_at' => null]);
            dispatch(new SendReferral($referral->id, 0));
        }
    }

    /** Asks the hospital how it stands; what cannot be read or reached is noted, and asked for again. */
    public function ask(SentReferral $referral): void
    {
        try {
            $bundle = $this->hospital->ask($referral->id);
            $appointment = $this->answers->appointment($bundle);
            $isReported = $this->answers->isReported($bundle, $referral);
            $isReported && $this->answers->look($bundle, $referral);
        } catch (HospitalAway|Refusal $problem) {
            $referral->update(['problem' => $problem->getMessage(), 'next_at' => Date::now()->addSeconds(self::wait($referral))]);

            return;
        }
        DB::transaction(function () use ($referral, $bundle, $appointment, $isReported): void {
            $state = match (true) {
                $isReported => ReferralState::Answered,
                $this->answers->isDeclined($bundle) => ReferralState::Declined,
                default => ReferralState::Sent,
            };
            $referral->update([
                'state' => $state, 'problem' => null, 'appointment_at' => $appointment,
                'answer' => $isReported ? Json::write($bundle) : null,
                'next_at' => $state === ReferralState::Sent ? Date::now()->addSeconds(self::wait($referral)) : null,
            ]);
            if ($state !== ReferralState::Sent) {
                $this->log->record(AuditEvent::ReferralAnswered, $referral->athlete_id, ['state' => $state->value]);
            }
        });
    }

    /** What the hospital found, while nobody has added it; null before and after. */
    public function found(SentReferral $referral): ?ReferenceFacts
    {
        return $referral->state === ReferralState::Answered && $referral->answer !== null
            ? $this->answers->look(self::bundle($referral->answer), $referral)->facts : null;
    }

    /**
     * Makes what the hospital found part of the record, and what had asked for it is done.
     *
     * @throws Refusal where there is no answer, or it is part of the record already
     */
    public function add(SentReferral $referral, User $by): ReferenceResult
    {
        return DB::transaction(function () use ($referral, $by): ReferenceResult {
            $locked = SentReferral::query()->lockForUpdate()->findOrFail($referral->id);
            if ($locked->state !== ReferralState::Answered || $locked->answer === null) {
                throw Refusal::at('referral', __('exchange.hospital.no_answer_yet'));
            }
            $task = Task::query()->with('examination.episode')->findOrFail($locked->task_id);
            $episode = $task->examination->episode ?? throw Refusal::at('task', __('exchange.hospital.no_referral'));
            $result = $this->results->add(
                $episode,
                $this->answers->look(self::bundle($locked->answer), $locked)->facts,
                $by,
                $task->state->isClosed() ? null : $task,
            );
            $locked->update(['state' => ReferralState::Added]);

            return $result;
        });
    }

    /** @param  string  $answer  that was read before */
    private static function bundle(string $answer): stdClass
    {
        $bundle = Json::read($answer, self::MOST_BYTES);
        \assert($bundle instanceof stdClass);

        return $bundle;
    }

    private static function wait(SentReferral $referral): int
    {
        $waited = (int) ($referral->sent_at ?? $referral->created_at)->diffInSeconds(Date::now(), true);

        return Waits::spread(max(self::FIRST_SECONDS, min(self::MOST_SECONDS, intdiv($waited, self::SHARE))));
    }
}
