<?php

declare(strict_types=1);

namespace App\Exchange\Referrals;

use App\Exchange\Models\SentReferral;
use App\Exchange\Sending\Waits;
use App\Exchange\Values\ReferralState;
use GrayCompass\Document\Refusal;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;

/**
 * One attempt to give a referral to the hospital; where it is away, the next follows later, for a day. Given twice only
 * where a worker dies between the answer and its note: the id is the same, so that the hospital changes nothing.
 */
final class SendReferral implements ShouldQueue
{
    use Queueable;

    public int $tries = 5;

    public int $timeout = 30;

    private const ASK_AFTER_SECONDS = 30;

    public function __construct(public readonly string $referral, public readonly int $attempt)
    {
    }

    public function handle(Hospital $hospital): void
    {
        $referral = SentReferral::query()->withoutGlobalScopes()->find($this->referral);
        // An attempt that was made already, by another worker or before this one died, is not made again.
        if ($referral?->state !== ReferralState::Waiting || $referral->attempts !== $this->attempt) {
            return;
        }
        try {
            $hospital->put($referral->id, $referral->request);
        } catch (Refusal $refusal) {
            $referral->update([
                'state' => ReferralState::Failed, 'attempts' => $this->attempt + 1, 'problem' => $refusal->reason, 'next_at' => null,
            ]);

            return;
        } catch (HospitalAway $away) {
            $this->later($referral, $away->getMessage());

            return;
        }
        $referral->update([
            'state' => ReferralState::Sent, 'attempts' => $this->attempt + 1, 'problem' => null, 'sent_at' => Date::now(),
            'next_at' => Date::now()->addSeconds(self::ASK_AFTER_SECONDS),
        ]);
    }

    private function later(SentReferral $referral, string $problem): void
    {
        DB::transaction(function () use ($referral, $problem): void {
            $attempts = $this->attempt + 1;
            $wait = Waits::after($this->attempt);
            $referral->update([
                'state' => $wait === null ? ReferralState::Failed : ReferralState::Waiting, 'attempts' => $attempts,
                'problem' => $problem, 'next_at' => $wait === null ? null : Date::now()->addSeconds($wait),
            ]);
            if ($wait !== null) {
                dispatch((new self($this->referral, $attempts))->delay($wait));
            }
        });
    }
}
