<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\TaskRequest;
use App\Http\Resources\TaskResource;
use App\Models\Athlete;
use App\Models\Task;
use App\Models\User;
use App\Tasks\Tasks;
use GrayCompass\Document\Refusal;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** What is due for an athlete. */
final readonly class TaskController
{
    public function __construct(private Tasks $tasks)
    {
    }

    public function store(TaskRequest $request, Athlete $athlete, #[CurrentUser] User $user): JsonResponse
    {
        $task = $this->tasks->note($athlete, $request->title(), $request->dueOn() ?? now()->toImmutable(), $user);

        return (new TaskResource($task->setRelation('athlete', $athlete)))->response()->setStatusCode(201);
    }

    /** @throws Refusal */
    public function update(TaskRequest $request, Task $task, #[CurrentUser] User $user): TaskResource
    {
        $moved = $this->tasks->move($task, $request->state(), $request->dueOn(), $request->note(), $user);

        return new TaskResource($moved->load('athlete'));
    }
}
