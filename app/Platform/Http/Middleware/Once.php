<?php

declare(strict_types=1);

namespace App\Platform\Http\Middleware;

use App\Platform\Database\MadeOnce;
use App\Platform\Database\ReusedKey;
use Closure;
use GrayCompass\Document\Refusal;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/** What makes something carries a key: sent twice, by a finger or by a line that flaps, it is made once. */
final readonly class Once
{
    public const HEADER = 'Idempotency-Key';

    private const SHAPE = '/^[A-Za-z0-9_-]{8,64}$/D';

    /**
     * @param  Closure(Request): Response  $next
     *
     * @throws Refusal where there is no key
     * @throws ReusedKey where it stands for another request
     */
    public function handle(Request $request, Closure $next): Response
    {
        $key = $request->header(self::HEADER);
        if (! \is_string($key) || preg_match(self::SHAPE, $key) !== 1) {
            throw Refusal::at(self::HEADER, __('platform.once.a_request_that_makes_something_carries'));
        }
        $made = new MadeOnce((string) Auth::id(), $key, self::digest($request));

        return self::again($made) ?? self::make($made, $request, $next);
    }

    /** @throws ReusedKey */
    private static function again(MadeOnce $made): ?Response
    {
        $earlier = $made->earlier();
        if ($earlier?->isSame === false) {
            throw ReusedKey::forRequest();
        }

        return $earlier === null ? null : JsonResponse::fromJsonString($earlier->answer, $earlier->status);
    }

    /**
     * What was refused made nothing, and leaves the key free.
     *
     * @param  Closure(Request): Response  $next
     */
    private static function make(MadeOnce $made, Request $request, Closure $next): Response
    {
        $outside = DB::transactionLevel();
        DB::beginTransaction();
        try {
            $made->begin();
            $response = $next($request);
            if ($response->isSuccessful()) {
                $made->answered($response->getStatusCode(), (string) $response->getContent() ?: '{}');
                DB::commit();
            }
        } catch (UniqueConstraintViolationException $twice) {
            DB::rollBack($outside);

            return self::again($made) ?? throw $twice;
        } finally {
            DB::rollBack($outside);
        }

        return $response;
    }

    private static function digest(Request $request): string
    {
        return hash('sha256', "{$request->method()} {$request->getRequestUri()}\n{$request->getContent()}");
    }
}
