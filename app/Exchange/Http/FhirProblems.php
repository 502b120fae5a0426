<?php

declare(strict_types=1);

namespace App\Exchange\Http;

use App\Exchange\Http\Controllers\FhirController;
use GrayCompass\Document\Refusal;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Lang;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** Problems of the FHIR interface are told as OperationOutcome. */
final class FhirProblems
{
    private const CODES = [
        400 => 'invalid', 401 => 'login', 403 => 'forbidden', 404 => 'not-found', 405 => 'not-supported', 429 => 'throttled',
    ];

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->render(static fn (
            Throwable $problem, Request $request,
        ): ?JsonResponse => $request->is('fhir', 'fhir/*') ? self::outcome($problem) : null);
    }

    private static function outcome(Throwable $problem): JsonResponse
    {
        $status = match (true) {
            $problem instanceof Refusal => 400,
            $problem instanceof AuthenticationException => 401,
            $problem instanceof HttpExceptionInterface => $problem->getStatusCode(),
            default => 500,
        };
        $said = $problem instanceof Refusal ? "{$problem->path}: {$problem->reason}" : self::reason($status);

        return new JsonResponse([
            'resourceType' => 'OperationOutcome',
            'issue' => [[
                'severity' => 'error',
                'code' => self::CODES[$status] ?? 'exception',
                'diagnostics' => $status === 403 && $problem->getMessage() !== '' ? $problem->getMessage() : $said,
                ...($problem instanceof Refusal && $problem->path !== '' ? ['expression' => [$problem->path]] : []),
            ]],
        ], $status, [
            ...($problem instanceof HttpExceptionInterface ? $problem->getHeaders() : []),
            'Content-Type' => FhirController::TYPE,
        ]);
    }

    private static function reason(int $status): string
    {
        return Lang::has("platform.status.{$status}") ? __("platform.status.{$status}") : __('platform.status.other');
    }
}
