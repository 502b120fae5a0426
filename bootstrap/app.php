<?php

declare(strict_types=1);

use App\Examinations\AlreadySigned;
use App\Examinations\HeldFinding;
use App\Examinations\ReusedKey;
use App\Examinations\StaleVersion;
use App\Http\Middleware\AnswerInJson;
use App\Http\Middleware\ReadableBody;
use App\Http\Middleware\SecurityHeaders;
use GrayCompass\Document\Refusal;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Middleware\HandleCors;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php', commands: __DIR__.'/../routes/console.php')
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class);
        $middleware->append(SecurityHeaders::class);
        $middleware->prependToGroup('web', [AnswerInJson::class, ReadableBody::class]);
        $middleware->redirectGuestsTo(static fn (): ?string => null);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->dontReport([Refusal::class, StaleVersion::class, AlreadySigned::class, HeldFinding::class, ReusedKey::class]);
        $exceptions->render(static fn (Refusal $refusal): JsonResponse => response()->json(
            ['error' => ['path' => $refusal->path, 'reason' => $refusal->reason]],
            422,
        ));
        $exceptions->render(static fn (AuthenticationException $problem): JsonResponse => response()->json(
            ['error' => ['path' => '', 'reason' => 'Log in first.']],
            401,
        ));
    })
    ->create();
