<?php

declare(strict_types=1);

namespace App\Platform\Http;

use App\Platform\Database\ReusedKey;
use App\Platform\Database\RowHeld;
use App\Platform\Server\DiskFull;
use GrayCompass\Document\Refusal;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\DeadlockException;
use Illuminate\Database\LostConnectionDetector;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Exceptions\HttpResponseException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Lang;
use Illuminate\Validation\ValidationException;
use PDOException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/**
 * How every problem is answered: one body, `{error: {path, reason}}`, and what some add to it. Here stand those that
 * any request may meet; each domain registers its own before them.
 */
final class Problems
{
    /** What goes wrong by the hand of the sender is no defect of ours. */
    private const EXPECTED = [Refusal::class, ReusedKey::class, RowHeld::class, DiskFull::class];

    /** Lock wait over, deadlock, statement over its time, too many connections, gone away, refused. */
    private const BUSY = [1205, 1213, 1969, 1040, 1203, 1226, 2002, 2006, 2013];

    /** So PDO says it when the database went away between the last statement and the commit. */
    private const LOST_BEFORE_COMMIT = 'There is no active transaction';

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport(self::EXPECTED);
        $exceptions->render(static fn (Refusal $refusal): JsonResponse => self::answer(
            422, $refusal->path, $refusal->reason,
        ));
        $exceptions->render(static fn (AuthenticationException $problem): JsonResponse => self::answer(
            401, '', self::reason(401),
        ));
        $exceptions->render(static fn (ReusedKey $problem): JsonResponse => self::answer(
            422, 'key', __('platform.problems.this_key_was_used_for_something'),
        ));
        $exceptions->render(static fn (ValidationException $problem): JsonResponse => self::answer(
            422, (string) array_key_first($problem->errors()), $problem->getMessage(),
        ));
        $exceptions->render(static fn (RowHeld $held): JsonResponse => self::answer(
            503, '', __('platform.problems.another_person_is_changing_this_try'), headers: ['Retry-After' => '1'],
        ));
        $exceptions->render(static fn (DiskFull $problem): JsonResponse => self::answer(
            503, 'disk', __('platform.problems.the_disk_of_the_server_is'),
            headers: ['Retry-After' => '30'],
        ));
        $exceptions->render(self::database(...));
        $exceptions->render(self::http(...));
        $exceptions->render(self::unforeseen(...));
    }

    /** A row that another holds, or a database that is just coming back: not now, but in a moment. */
    private static function database(Throwable $problem, Request $request): ?JsonResponse
    {
        $number = $problem instanceof PDOException ? $problem->errorInfo[1] ?? null : null;
        $isBusy = $problem instanceof DeadlockException
            || in_array($number, self::BUSY, true)
            || (new LostConnectionDetector)->causedByLostConnection($problem)
            || str_contains($problem->getMessage(), self::LOST_BEFORE_COMMIT);

        return $isBusy && $request->is('api/*')
            ? self::answer(503, '', self::reason(503), headers: ['Retry-After' => '3'])
            : null;
    }

    /** What the framework says by a status alone. */
    private static function http(HttpExceptionInterface $problem, Request $request): ?JsonResponse
    {
        $status = $problem->getStatusCode();
        $ours = in_array($status, [403, 410], true) ? $problem->getMessage() : '';
        $reason = $ours !== '' ? $ours : self::reason($status);

        return $request->is('api/*') ? self::answer($status, '', $reason, headers: $problem->getHeaders()) : null;
    }

    /** A defect of ours is answered in the same shape; what it was stands in the log. */
    private static function unforeseen(Throwable $problem, Request $request): ?JsonResponse
    {
        return $request->is('api/*') && ! $problem instanceof HttpResponseException
            ? self::answer(500, '', self::reason(500))
            : null;
    }

    /** What a status means, where nothing else is known. */
    private static function reason(int $status): string
    {
        $key = "platform.status.{$status}";

        return Lang::has($key) ? __($key) : __('platform.status.other');
    }

    /**
     * The one body of every refusal.
     *
     * @param  string  $path  what it is about: a field, a part, or nothing
     * @param  array<string, mixed>  $more  beside the error
     * @param  array<mixed>  $headers
     */
    public static function answer(
        int $status,
        string $path,
        string $reason,
        array $more = [],
        array $headers = [],
    ): JsonResponse {
        return new JsonResponse(['error' => ['path' => $path, 'reason' => $reason], ...$more], $status, $headers);
    }
}
