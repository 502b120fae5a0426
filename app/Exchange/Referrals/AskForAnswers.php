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

    /** What is not answered by then is asked for by hand. */
    private const DAYS = 180;

    public function __construct(private Referrals $referrals, private Hospital $hospital)
    {
    }

    public function __invoke(): void
    {
        if (! $this->hospital->isKnown()) {
            return;
        }
        $due = SentReferral::query()->withoutGlobalScopes()->where('state', ReferralState::Sent)
            ->where('next_at', '<=', Date::now())->where('created_at', '>', Date::now()->subDays(self::DAYS))
            ->orderBy('next_at')->limit(self::AT_ONCE)->get();
        foreach ($due as $referral) {
            $this->referrals->ask($referral);
            if ($referral->problem === __('exchange.hospital.no_answer')) {
                return;
            }
        }
    }
}
