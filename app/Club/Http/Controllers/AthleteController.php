<?php

declare(strict_types=1);

namespace App\Club\Http\Controllers;

use App\Access\Models\User;
use App\Clinic\Proposals\Proposals;
use App\Club\Athletes\Roster;
use App\Club\Athletes\SimilarAthletes;
use App\Club\Http\Requests\AthleteRequest;
use App\Club\Http\Resources\AthleteResource;
use App\Club\Models\Athlete;
use App\Platform\Audit\Deeds;
use App\Platform\Audit\What;
use GrayCompass\Document\Refusal;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Http\Response;

/** The athletes of a team: made in three fields, changed, put away and taken back. */
final readonly class AthleteController
{
    private const WHOLE = [
        'episodes.examinations', 'episodes.outcomes.attachments', 'tasks.examination', 'letters.versions',
    ];

    public function __construct(private Roster $roster, private Proposals $proposals, private Deeds $deeds)
    {
    }

    public function show(Athlete $athlete, #[CurrentUser] User $user): AthleteResource
    {
        $this->deeds->record(What::AthleteRead, $athlete->id);

        return new AthleteResource($this->whole($athlete, $user));
    }

    /**
     * @throws Refusal
     * @throws SimilarAthletes where somebody much like them is here already, and nobody said that they are another
     */
    public function store(AthleteRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        $athlete = $this->roster->add($user->teamId(), $request->facts(), $request->isAnother());

        return (new AthleteResource($this->whole($athlete, $user)))->response()->setStatusCode(201);
    }

    /** @throws Refusal */
    public function update(AthleteRequest $request, Athlete $athlete, #[CurrentUser] User $user): AthleteResource
    {
        $this->roster->change($athlete, $request->facts());

        return new AthleteResource($this->whole($athlete, $user));
    }

    /** Out of the lists; nothing is lost, and restore() brings them back. */
    public function destroy(Athlete $athlete): Response
    {
        $this->roster->archive($athlete);

        return response()->noContent();
    }

    public function restore(Athlete $archived): Response
    {
        $this->roster->restore($archived);

        return response()->noContent();
    }

    /** Who was put away, latest first. */
    public function archived(): AnonymousResourceCollection
    {
        return AthleteResource::collection($this->roster->archived());
    }

    /** Names of squads, to choose one by. */
    public function squads(): JsonResponse
    {
        return response()->json(Athlete::query()->distinct()->orderBy('squad')->pluck('squad'));
    }

    private function whole(Athlete $athlete, User $user): Athlete
    {
        return $athlete->load(self::WHOLE)->setRelation('proposals', $this->proposals->waiting($user, $athlete));
    }
}
