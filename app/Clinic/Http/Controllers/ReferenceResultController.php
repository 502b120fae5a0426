<?php

declare(strict_types=1);

namespace App\Clinic\Http\Controllers;

use App\Access\Models\User;
use App\Access\Values\Ability;
use App\Clinic\Http\Requests\ReferenceResultRequest;
use App\Clinic\Http\Resources\EpisodeResource;
use App\Clinic\Http\Resources\ProposalResource;
use App\Clinic\Models\Episode;
use App\Clinic\Models\ReferenceResult;
use App\Clinic\Models\Task;
use App\Clinic\Proposals\Proposals;
use App\Clinic\ReferenceResults\ReferenceResults;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use GrayCompass\Document\Refusal;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

/** What a knee turned out to have, beside what was held likely. What a student enters becomes a proposal. */
final readonly class ReferenceResultController
{
    private const WHOLE = ['examinations', 'referenceResults.attachments'];

    public function __construct(private ReferenceResults $referenceResults, private Proposals $proposals)
    {
    }

    public function index(Request $request, Episode $episode, AuditLog $log): EpisodeResource
    {
        $request->validate(['task' => ['sometimes', 'string', 'max:26']]);
        $asked = $request->filled('task')
            ? Task::query()->where('athlete_id', $episode->athlete_id)->whereKey($request->string('task')->toString())
                ->firstOrFail()
            : null;
        $log->record(AuditEvent::AthleteRead, $episode->athlete_id);

        return new EpisodeResource($episode->load(self::WHOLE), $asked);
    }

    /** @throws Refusal */
    public function store(ReferenceResultRequest $request, Episode $episode, #[CurrentUser] User $user): JsonResponse
    {
        if ($user->cannot(Ability::Answer)) {
            Gate::authorize(Ability::Propose);
            // A student sees the episodes of their own examinations alone.
            abort_unless($episode->examinations()->exists(), 404);

            return ProposalResource::accepted(
                $this->proposals->result($episode, $request->facts(), $user, $request->task()),
            );
        }
        $made = $this->referenceResults->add($episode, $request->facts(), $user, $request->task());

        return response()->json(['id' => $made->id], 201);
    }

    public function update(ReferenceResultRequest $request, ReferenceResult $result): Response
    {
        $this->referenceResults->change($result, $request->facts());

        return response()->noContent();
    }

    public function destroy(ReferenceResult $result): Response
    {
        $this->referenceResults->remove($result);

        return response()->noContent();
    }

    public function restore(ReferenceResult $removed): Response
    {
        $this->referenceResults->restore($removed);

        return response()->noContent();
    }
}
