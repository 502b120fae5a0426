<?php

declare(strict_types=1);

namespace App\Clinic\Http\Controllers;

use App\Access\Models\User;
use App\Access\Teams\TeamDays;
use App\Access\Values\Ability;
use App\Clinic\Http\Requests\TaskRequest;
use App\Clinic\Http\Resources\ProposalResource;
use App\Clinic\Http\Resources\TaskResource;
use App\Clinic\Models\Task;
use App\Clinic\Proposals\Proposals;
use App\Clinic\Tasks\Tasks;
use App\Club\Models\Athlete;
use GrayCompass\Document\Refusal;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

/** What is due for an athlete. What a student asks for becomes a proposal. */
final readonly class TaskController
{
    public function __construct(private Tasks $tasks, private Proposals $proposals)
    {
    }

    public function store(TaskRequest $request, Athlete $athlete, #[CurrentUser] User $user): JsonResponse
    {
        $dueOn = $request->dueOn() ?? TeamDays::here()->today();
        if ($user->cannot(Ability::Answer)) {
            Gate::authorize(Ability::Propose);

            return ProposalResource::accepted($this->proposals->followUp($athlete, $request->title(), $dueOn, $user));
        }
        $task = $this->tasks->note($athlete, $request->title(), $dueOn, $user);

        return (new TaskResource($task->setRelation('athlete', $athlete)))->response()->setStatusCode(201);
    }

    /** @throws Refusal */
    public function update(TaskRequest $request, Task $task, #[CurrentUser] User $user): JsonResponse
    {
        if ($user->cannot(Ability::Answer)) {
            Gate::authorize(Ability::Propose);

            return ProposalResource::accepted($this->proposals->change($task, $request->change(), $user));
        }

        return (new TaskResource($this->tasks->move($task, $request->change(), $user)->load('athlete')))->response();
    }
}
