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

    private const REASONS = [
        401 => 'Log in first.',
        403 => 'This is not allowed.',
        404 => 'There is no such thing here.',
        405 => 'This cannot be done here.',
        413 => 'The body is too large.',
        419 => 'The page is too old: load it again.',
        429 => 'Too many failed tries: wait a minute.',
        500 => 'Something went wrong. Nothing was stored; the details are in the server log.',
        503 => 'The database is busy: try again in a moment.',
    ];

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport(self::EXPECTED);
        $exceptions->render(static fn (Refusal $refusal): JsonResponse => self::answer(
            422, $refusal->path, $refusal->reason,
        ));
        $exceptions->render(static fn (AuthenticationException $problem): JsonResponse => self::answer(
            401, '', self::REASONS[401],
        ));
        $exceptions->render(static fn (ReusedKey $problem): JsonResponse => self::answer(
            422, 'key', 'this key was used for something else',
        ));
        $exceptions->render(static fn (ValidationException $problem): JsonResponse => self::answer(
            422, (string) array_key_first($problem->errors()), $problem->getMessage(),
        ));
        $exceptions->render(static fn (RowHeld $held): JsonResponse => self::answer(
            503, '', 'Another person is changing this. Try again in a moment.', headers: ['Retry-After' => '1'],
        ));
        $exceptions->render(static fn (DiskFull $problem): JsonResponse => self::answer(
            503, 'disk', 'The disk of the server is full: nothing can be saved just now. What is stored can be read.',
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
            ? self::answer(503, '', self::REASONS[503], headers: ['Retry-After' => '3'])
            : null;
    }

    /** What the framework says by a status alone. */
    private static function http(HttpExceptionInterface $problem, Request $request): ?JsonResponse
    {
        $status = $problem->getStatusCode();
        $ours = in_array($status, [403, 410], true) ? $problem->getMessage() : '';
        $reason = $ours !== '' ? $ours : self::REASONS[$status] ?? 'This did not work.';

        return $request->is('api/*') ? self::answer($status, '', $reason, headers: $problem->getHeaders()) : null;
    }

    /** A defect of ours is answered in the same shape; what it was stands in the log. */
    private static function unforeseen(Throwable $problem, Request $request): ?JsonResponse
    {
        return $request->is('api/*') && ! $problem instanceof HttpResponseException
            ? self::answer(500, '', self::REASONS[500])
            : null;
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
