<?php

declare(strict_types=1);

namespace App\Exchange\Http\Resources;

use App\Clinic\ReferenceResults\ReferenceFacts;
use App\Clinic\Values\ReferenceAnswer;
use App\Exchange\Models\SentReferral;
use App\Exchange\Referrals\Referrals;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A referral that goes to the hospital, and how it stands.
 *
 * @property-read SentReferral $resource
 */
final class SentReferralResource extends JsonResource
{
    /**
     * @return array<string, mixed>
     */
    public function toArray(Request $request): array
    {
        $referral = $this->resource;

        return [
            'id' => $referral->id,
            'task' => $referral->task_id,
            'title' => $referral->task->content['title'],
            'state' => $referral->state->value,
            'problem' => $referral->problem,
            'attempts' => $referral->attempts,
            'at' => $referral->created_at->toIso8601ZuluString(),
            'sentAt' => $referral->sent_at?->toIso8601ZuluString(),
            'nextAt' => $referral->next_at?->toIso8601ZuluString(),
            'appointmentAt' => $referral->appointment_at?->toIso8601ZuluString(),
            'found' => self::told(app(Referrals::class)->found($referral)),
        ];
    }

    /** @return array<string, mixed>|null */
    private static function told(?ReferenceFacts $facts): ?array
    {
        return $facts === null ? null : [
            'label' => $facts->kind->label(),
            'on' => $facts->seenOn->toDateString(),
            'answers' => array_map(static fn (ReferenceAnswer $one): array => [
                'label' => $one->condition->label(), 'seen' => $one->seen->value, 'grade' => $one->grade,
            ], $facts->answers),
            'note' => $facts->note,
        ];
    }
}
