<?php

declare(strict_types=1);

namespace App\Platform\Http;

use App\Access\Accounts\CodeNeeded;
use App\Access\Accounts\FactorNeeded;
use App\Access\Accounts\PasswordNeeded;
use App\Clinic\Examinations\AlreadySigned;
use App\Clinic\Examinations\EnteredByAnother;
use App\Clinic\Examinations\HeldFinding;
use App\Clinic\Examinations\MovedOn;
use App\Clinic\Examinations\StaleVersion;
use App\Clinic\Http\Resources\LetterResource;
use App\Clinic\Http\Resources\PartResource;
use App\Clinic\Letters\StaleLetter;
use App\Clinic\Proposals\Decided;
use App\Club\Athletes\SimilarAthletes;
use App\Club\Http\Resources\AthleteResource;
use App\Club\Models\Athlete;
use App\Platform\Database\ReusedKey;
use App\Platform\Database\RowHeld;
use App\Platform\Server\DiskFull;
use GrayCompass\Core\Wire\SafetyWriter;
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

/** How every problem is answered: one body, `{error: {path, reason}}`, and what some add to it. */
final class Problems
{
    /** What goes wrong by the hand of the sender is no defect of ours. */
    private const EXPECTED = [
        Refusal::class, StaleVersion::class, AlreadySigned::class, HeldFinding::class, ReusedKey::class,
        SimilarAthletes::class, MovedOn::class, EnteredByAnother::class, PasswordNeeded::class, CodeNeeded::class,
        FactorNeeded::class, StaleLetter::class, Decided::class, RowHeld::class, DiskFull::class,
    ];

    /** Lock wait over, deadlock, statement over its time, too many connections, gone away, refused. */
    private const BUSY = [1205, 1213, 1969, 1040, 1203, 1226, 2002, 2006, 2013];

    /** So PDO says it when the database went away between the last statement and the commit. */
    private const LOST_BEFORE_COMMIT = 'There is no active transaction';

    /** What a person must show first, by what it is called in the answer. */
    private const ASKED_FOR = [
        PasswordNeeded::class => ['password', 'Enter your password once more.'],
        CodeNeeded::class => ['code', 'Enter the code that your app shows.'],
        FactorNeeded::class => ['secondFactor', 'Your team asks for a second factor: set it up first.'],
    ];

    private const REASONS = [
        401 => 'Log in first.',
        403 => 'This is not allowed.',
        404 => 'There is no such thing here.',
        405 => 'This cannot be done here.',
        413 => 'The body is too large.',
        419 => 'The page is too old: load it again.',
        429 => 'Too many failed tries: wait a minute.',
        500 => 'Something went wrong here. Nothing was stored; whoever keeps the server finds it in the log.',
        503 => 'The database is busy: try again in a moment.',
    ];

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport(self::EXPECTED);
        $exceptions->render(static fn (Refusal $refusal): JsonResponse => self::answer(
            422,
            $refusal->path,
            $refusal->reason,
        ));
        $exceptions->render(static fn (AuthenticationException $problem): JsonResponse => self::answer(
            401,
            '',
            self::REASONS[401],
        ));
        $exceptions->render(static fn (AlreadySigned $problem): JsonResponse => self::answer(
            423,
            '',
            'this examination is signed and cannot be changed',
        ));
        $exceptions->render(static fn (EnteredByAnother $problem): JsonResponse => self::answer(
            403,
            '',
            'somebody else entered this, and a student may not change it',
        ));
        foreach (self::ASKED_FOR as $class => [$path, $reason]) {
            $exceptions->render(static fn (Throwable $problem): ?JsonResponse => $problem instanceof $class
                ? self::answer(403, $path, $reason)
                : null);
        }
        $exceptions->render(static fn (MovedOn $problem): JsonResponse => self::answer(
            409,
            'revision',
            'something was changed after you last saw it: look again, then sign',
        ));
        $exceptions->render(static fn (ReusedKey $problem): JsonResponse => self::answer(
            422,
            'key',
            'this key was used for something else',
        ));
        $exceptions->render(static fn (HeldFinding $held): JsonResponse => self::answer(
            422,
            $held->part,
            $held->reason,
            ['hold' => SafetyWriter::hold($held->hold)],
        ));
        $exceptions->render(static fn (SimilarAthletes $similar): JsonResponse => self::answer(
            409,
            'name',
            'somebody much like them is here already',
            ['similar' => array_map(static fn (Athlete $one): array => AthleteResource::make($one)->resolve()
                + ['isArchived' => $one->trashed()], $similar->athletes)],
        ));
        $exceptions->render(static fn (StaleVersion $stale): JsonResponse => self::answer(
            409,
            $stale->part,
            'changed in between by another tab or person',
            ['newer' => $stale->newer === null ? null : PartResource::make($stale->newer)->resolve()],
        ));
        $exceptions->render(static fn (Decided $problem): JsonResponse => self::answer(
            409, 'state', 'somebody decided on this proposal already',
        ));
        $exceptions->render(static fn (StaleLetter $stale): JsonResponse => self::answer(
            409,
            'version',
            'somebody wrote on in between: look at what it says now',
            ['letter' => LetterResource::make($stale->newer->load(LetterResource::WITH))->resolve()],
        ));
        $exceptions->render(static fn (ValidationException $problem): JsonResponse => self::answer(
            422,
            (string) array_key_first($problem->errors()),
            $problem->getMessage(),
        ));
        $exceptions->render(static fn (RowHeld $held): JsonResponse => self::answer(
            503, '', 'Somebody else is changing this just now: try again in a moment.', headers: ['Retry-After' => '1'],
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
     * @param  array<string, mixed>  $more
     * @param  array<mixed>  $headers
     */
    private static function answer(
        int $status,
        string $path,
        string $reason,
        array $more = [],
        array $headers = [],
    ): JsonResponse {
        return new JsonResponse(['error' => ['path' => $path, 'reason' => $reason], ...$more], $status, $headers);
    }
}
