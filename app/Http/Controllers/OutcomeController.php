<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Audit\Deeds;
use App\Audit\What;
use App\Http\Requests\OutcomeRequest;
use App\Http\Resources\ProposalResource;
use App\Http\Resources\StoryResource;
use App\Models\Episode;
use App\Models\Outcome;
use App\Models\Task;
use App\Models\User;
use App\Outcomes\Outcomes;
use App\Proposals\Proposals;
use GrayCompass\Document\Refusal;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What a knee turned out to have, beside what was held likely. What a student enters becomes a proposal. */
final readonly class OutcomeController
{
    private const WHOLE = ['examinations', 'outcomes.attachments'];

    public function __construct(private Outcomes $outcomes, private Proposals $proposals)
    {
    }

    public function index(Request $request, Episode $episode, Deeds $deeds): StoryResource
    {
        $request->validate(['task' => ['sometimes', 'string', 'max:26']]);
        $asked = $request->filled('task')
            ? Task::query()->where('athlete_id', $episode->athlete_id)->whereKey($request->string('task')->toString())
                ->firstOrFail()
            : null;
        $deeds->record(What::AthleteRead, $episode->athlete_id);

        return new StoryResource($episode->load(self::WHOLE), $asked);
    }

    /** @throws Refusal */
    public function store(OutcomeRequest $request, Episode $episode, #[CurrentUser] User $user): JsonResponse
    {
        if (! $user->role()->answers()) {
            // A student sees the stories of examinations of their own alone.
            abort_unless($episode->examinations()->exists(), 404);

            return ProposalResource::accepted(
                $this->proposals->result($episode, $request->facts(), $user, $request->task()),
            );
        }
        $made = $this->outcomes->add($episode, $request->facts(), $user, $request->task());

        return response()->json(['id' => $made->id], 201);
    }

    public function update(OutcomeRequest $request, Outcome $outcome): Response
    {
        $this->outcomes->change($outcome, $request->facts());

        return response()->noContent();
    }

    public function destroy(Outcome $outcome): Response
    {
        $this->outcomes->remove($outcome);

        return response()->noContent();
    }

    public function restore(Outcome $removed): Response
    {
        $this->outcomes->restore($removed);

        return response()->noContent();
    }
}
