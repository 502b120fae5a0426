<?php

declare(strict_types=1);

namespace App\Clinic\Http\Controllers;

use App\Access\Models\User;
use App\Clinic\History\AthleteHistory;
use App\Clinic\Http\Resources\HistoryResource;
use App\Clinic\Proposals\Proposals;
use App\Club\Athletes\Roster;
use App\Club\Athletes\SimilarAthletes;
use App\Club\Http\Requests\AthleteRequest;
use App\Club\Models\Athlete;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use GrayCompass\Document\Refusal;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** One athlete with their history: read, made in three fields, and changed. */
final readonly class HistoryController
{
    public function __construct(private Roster $roster, private Proposals $proposals, private AuditLog $log)
    {
    }

    public function show(Athlete $athlete, #[CurrentUser] User $user): HistoryResource
    {
        $this->log->record(AuditEvent::AthleteRead, $athlete->id);

        return $this->history($athlete, $user);
    }

    /**
     * @throws Refusal
     * @throws SimilarAthletes where someone much like them is here already, and nobody said that they are another
     */
    public function store(AthleteRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        $athlete = $this->roster->add($user->teamId(), $request->facts(), $request->isAnother(), $request->id());

        return $this->history($athlete, $user)->response()->setStatusCode(201);
    }

    /** @throws Refusal */
    public function update(AthleteRequest $request, Athlete $athlete, #[CurrentUser] User $user): HistoryResource
    {
        $this->roster->change($athlete, $request->facts());

        return $this->history($athlete, $user);
    }

    private function history(Athlete $athlete, User $user): HistoryResource
    {
        return new HistoryResource(AthleteHistory::shown($athlete, $user, $this->proposals));
    }
}
