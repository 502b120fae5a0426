<?php

declare(strict_types=1);

namespace App\Exchange\Values;

/** What other programs are told of, as soon as it happens. */
enum WebhookEvent: string
{
    case ExaminationSigned = 'examination.signed';
    case ReviewDue = 'review.due';
    case ReferralAnswered = 'referral.answered';
    case OutcomeEntered = 'outcome.entered';

    /** Sent by hand, to see whether it arrives; no webhook chooses it. */
    case Test = 'test';

    /** @return non-empty-list<self> those that a webhook may choose */
    public static function chosen(): array
    {
        return [self::ExaminationSigned, self::ReviewDue, self::ReferralAnswered, self::OutcomeEntered];
    }

    public function label(): string
    {
        return match ($this) {
            self::ExaminationSigned => __('exchange.webhookEvent.examination_signed'),
            self::ReviewDue => __('exchange.webhookEvent.review_due'),
            self::ReferralAnswered => __('exchange.webhookEvent.referral_answered'),
            self::OutcomeEntered => __('exchange.webhookEvent.outcome_entered'),
            self::Test => __('exchange.webhookEvent.test'),
        };
    }
}
