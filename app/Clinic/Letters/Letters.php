<?php

declare(strict_types=1);

namespace App\Clinic\Letters;

use App\Access\Models\User;
use App\Clinic\Examinations\Assessments;
use App\Clinic\Examinations\WrittenAssessment;
use App\Clinic\Models\Examination;
use App\Clinic\Models\Letter;
use App\Clinic\Models\LetterVersion;
use App\Clinic\Models\Task;
use App\Clinic\Reports\LetterPdf;
use App\Clinic\Tasks\TaskChange;
use App\Clinic\Tasks\Tasks;
use App\Clinic\Values\Addressee;
use App\Clinic\Values\Channel;
use App\Clinic\Values\TaskState;
use App\Club\Doctors\TreatingDoctor;
use App\Club\Models\Doctor;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use App\Platform\Mail\Post;
use GrayCompass\Document\Refusal;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;

/**
 * Letters about signed examinations: proposed, changed version by version, and sent; what has left does not change.
 */
final readonly class Letters
{
    public function __construct(
        private Assessments $assessments,
        private Tasks $tasks,
        private Post $post,
        private LetterPdf $pdf,
        private AuditLog $log,
    ) {
    }

    /**
     * @param  Doctor|null  $to  null: to someone outside the address book; the treating doctor is named then
     *
     * @throws Refusal where there is no signature to write under
     */
    public function begin(Examination $examination, ?Doctor $to, User $by): Letter
    {
        if (! $examination->isSigned()) {
            throw Refusal::at('', __('clinic.letters.sign_the_examination_first_a_letter'));
        }
        if ($examination->superseding?->isSigned() === true) {
            throw Refusal::at('', __('clinic.letters.a_later_examination_replaced_this_one'));
        }
        $note = (new WrittenAssessment($this->assessments->assessment($examination)))->note();
        $addressee = $to === null ? self::treating($examination) : Addressee::of($to);
        $wording = LetterText::proposed($examination, $addressee, $note);

        return DB::transaction(function () use ($examination, $wording, $by): Letter {
            $letter = Letter::query()->create([
                'team_id' => $examination->team_id, 'athlete_id' => $examination->episode->athlete_id,
                'examination_id' => $examination->id, 'version' => 1,
            ]);
            self::write($letter, $wording, $by);
            $this->log->record(AuditEvent::LetterBegun, $letter->athlete_id);

            return $letter->load('versions');
        });
    }

    /** The person who is in the book would have been chosen from it. */
    private static function treating(Examination $examination): Addressee
    {
        $treating = new TreatingDoctor($examination->episode->athlete);

        return $treating->in(Doctor::query()->get()) === null ? new Addressee($treating->name) : new Addressee;
    }

    /**
     * @param  int  $seen  the version that was on screen
     *
     * @throws StaleLetter where there is a newer one
     * @throws Refusal where it has left
     */
    public function change(Letter $letter, int $seen, LetterText $wording, User $by): Letter
    {
        return DB::transaction(function () use ($letter, $seen, $wording, $by): Letter {
            $locked = self::locked($letter, $seen);
            if ($locked->newest()->content !== $wording->content()) {
                $locked->update(['version' => $locked->version + 1]);
                self::write($locked, $wording, $by);
                $this->log->record(AuditEvent::LetterChanged, $locked->athlete_id, ['version' => $locked->version]);
            }

            return $locked->load('versions');
        });
    }

    /**
     * @param  int  $seen  the version that was on screen
     * @param  list<string>  $carries  ids of referrals that are sent with it
     *
     * @throws StaleLetter where there is a newer one
     * @throws Refusal where it has left, or where mail has no address
     */
    public function send(Letter $letter, int $seen, Channel $channel, array $carries, User $by): Letter
    {
        return DB::transaction(function () use ($letter, $seen, $channel, $carries, $by): Letter {
            $locked = self::locked($letter, $seen);
            $version = $locked->newest();
            $to = $version->to();
            if ($channel === Channel::Mail && ! $this->post->leaves()) {
                throw Refusal::at('by', __('clinic.letters.this_server_sends_no_mail_hand'));
            }
            if ($channel === Channel::Mail && $to->email === '') {
                throw Refusal::at('to.email', __('clinic.letters.there_is_no_address_to_send'));
            }
            $locked->referrals()->whereKey($carries)->get()
                ->each(fn (Task $task) => $this->tasks->move($task, new TaskChange(TaskState::Sent), $by));
            $locked->update(['sent_by_way' => $channel, 'sent_at' => Date::now(), 'sent_by' => $by->id]);
            $this->log->record(AuditEvent::LetterSent, $locked->athlete_id, [
                'by' => $channel->value, 'version' => $locked->version,
            ]);
            if ($channel === Channel::Mail) {
                $this->post->send($to->email, new LetterMail(
                    $locked->team_id, $locked->athlete_id, $by->present()->team->name, $version->content['text'],
                    base64_encode($this->pdf->render($locked, $version)),
                ));
            }

            return $locked;
        });
    }

    /**
     * A draft that is not wanted; for a day it can be taken back, see PruneExpired.
     *
     * @throws Refusal where it has left
     */
    public function discard(Letter $letter): void
    {
        DB::transaction(function () use ($letter): void {
            self::locked($letter, null)->delete();
            $this->log->record(AuditEvent::LetterDiscarded, $letter->athlete_id);
        });
    }

    public function restore(Letter $letter): void
    {
        DB::transaction(function () use ($letter): void {
            $letter->restore();
            $this->log->record(AuditEvent::LetterRestored, $letter->athlete_id);
        });
    }

    /**
     * @param  int|null  $seen  null: whatever it says
     */
    private static function locked(Letter $letter, ?int $seen): Letter
    {
        $locked = Letter::query()->lockForUpdate()->findOrFail($letter->id)->load('versions');
        if ($locked->sent_at !== null) {
            throw Refusal::at('', __('clinic.letters.this_letter_was_sent_already_begin'));
        }

        return $seen === null || $locked->version === $seen ? $locked : throw new StaleLetter($locked);
    }

    private static function write(Letter $letter, LetterText $wording, User $by): void
    {
        LetterVersion::query()->create([
            'athlete_id' => $letter->athlete_id, 'letter_id' => $letter->id, 'number' => $letter->version,
            'content' => $wording->content(), 'written_by' => $by->id,
        ]);
    }
}
