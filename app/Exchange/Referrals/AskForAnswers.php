<?php

declare(strict_types=1);

namespace App\Exchange\Referrals;

use App\Exchange\Models\SentReferral;
use App\Exchange\Values\ReferralState;
use Illuminate\Support\Facades\Date;

/** Asks the hospital for the answers that are due; one that cannot be reached is not asked for the rest. */
final readonly class AskForAnswers
{
    private const AT_ONCE = 50;

    public function __construct(private Referrals $referrals, private Hospital $hospital)
    {
    }

    public function __invoke(): void
    {
        if (! $this->hospital->isKnown()) {
            return;
        }
        $due = SentReferral::query()->withoutGlobalScopes()->where('state', ReferralState::Sent)
            ->where('next_at', '<=', Date::now())->orderBy('next_at')->limit(self::AT_ONCE)->get();
        foreach ($due as $referral) {
            $this->referrals->ask($referral);
            if ($referral->problem === __('exchange.hospital.no_answer')) {
                return;
            }
        }
    }
}
