<?php

declare(strict_types=1);

namespace App\Clinic\Http\Controllers;

use App\Access\Models\User;
use App\Access\Values\Ability;
use App\Clinic\Http\Requests\OutcomeRequest;
use App\Clinic\Http\Resources\ProposalResource;
use App\Clinic\Http\Resources\StoryResource;
use App\Clinic\Models\Episode;
use App\Clinic\Models\Outcome;
use App\Clinic\Models\Task;
use App\Clinic\Outcomes\Outcomes;
use App\Clinic\Proposals\Proposals;
use App\Platform\Audit\Deeds;
use App\Platform\Audit\What;
use GrayCompass\Document\Refusal;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

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
        if ($user->cannot(Ability::Answer)) {
            Gate::authorize(Ability::Propose);
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
