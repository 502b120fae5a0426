<?php

declare(strict_types=1);

namespace App\Clinic\Http\Resources;

use App\Clinic\Models\Proposal;
use App\Clinic\Proposals\ProposalText;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * What a student proposes, in words.
 *
 * @property-read Proposal $resource
 */
final class ProposalResource extends JsonResource
{
    /**
     * @return array<string, mixed>
     */
    public function toArray(Request $request): array
    {
        $proposal = $this->resource;
        $words = ProposalText::of($proposal);

        return [
            'id' => $proposal->id,
            'state' => $proposal->state->value,
            'title' => $words->title,
            'note' => $words->note,
            'athlete' => ['id' => $proposal->athlete_id, 'name' => $proposal->athlete->name],
            'side' => $proposal->episode?->hurt_side->value,
            'by' => $proposal->maker->name ?? __('papers.person.former_member'),
            'at' => $proposal->created_at->toIso8601ZuluString(),
            'decidedBy' => $proposal->decided_at === null ? null : ($proposal->decider->name ?? __('papers.person.former_member')),
            'why' => $proposal->why,
        ];
    }

    /** The answer to what would have been entered, had another person asked. */
    public static function accepted(Proposal $proposal): JsonResponse
    {
        return response()->json(['proposal' => (new self($proposal))->resolve()], 202);
    }
}
