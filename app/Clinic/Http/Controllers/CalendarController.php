<?php

declare(strict_types=1);

namespace App\Clinic\Http\Controllers;

use App\Access\Accounts\Token;
use App\Access\Models\User;
use App\Clinic\Calendar\CalendarFile;
use App\Clinic\Calendar\Calendars;
use App\Clinic\Calendar\LeftAlone;
use App\Clinic\Http\Requests\CalendarRequest;
use App\Clinic\Http\Resources\TaskResource;
use App\Clinic\Models\Calendar;
use App\Clinic\Models\Task;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use GrayCompass\Document\Refusal;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** What is due, in calendars of people's own. */
final readonly class CalendarController
{
    public function __construct(private Calendars $calendars)
    {
    }

    /** Whether someone's own is open; its address is told only when it is made. */
    public function show(#[CurrentUser] User $user): JsonResponse
    {
        $calendar = Calendar::query()->where('user_id', $user->id)->first();

        return response()->json([
            'open' => $calendar !== null,
            'inWords' => $calendar->in_words ?? false,
            'readAt' => $calendar?->read_at?->toIso8601ZuluString(),
        ]);
    }

    public function update(CalendarRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        return response()->json(['address' => $this->calendars->open($user, $request->inWords())]);
    }

    public function destroy(#[CurrentUser] User $user): Response
    {
        $this->calendars->close($user);

        return response()->noContent();
    }

    /** For a calendar program, which does not log in. */
    public function read(string $token): Response
    {
        return self::file($this->calendars->read(Token::from($token)) ?? abort(404), 'gray-compass');
    }

    /** One task as a file, without clinical words. */
    public function task(Task $task, AuditLog $log): Response
    {
        $log->record(AuditEvent::Exported, $task->athlete_id, ['as' => 'calendar']);

        return self::file((new CalendarFile(false))->of([$task->load('athlete')]), 'due');
    }

    /** @throws Refusal */
    public function takeBack(CalendarRequest $request): JsonResponse
    {
        $returned = $this->calendars->takeBack($request->text());

        return response()->json([
            'moved' => TaskResource::collection($returned->moved)->resolve($request),
            'same' => $returned->same,
            'left' => array_map(static fn (LeftAlone $one): array => [
                'title' => $one->task->content['title'], 'athlete' => $one->task->athlete->name,
                'reason' => $one->reason,
            ], $returned->left),
            'unknown' => $returned->unknown,
        ]);
    }

    private static function file(string $content, string $name): Response
    {
        return response($content, 200, [
            'Content-Type' => CalendarFile::TYPE, 'Content-Disposition' => "attachment; filename=\"{$name}.ics\"",
        ]);
    }
}
