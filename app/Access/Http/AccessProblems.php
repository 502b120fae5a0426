<?php

declare(strict_types=1);

namespace App\Access\Http;

use App\Access\Accounts\CodeNeeded;
use App\Access\Accounts\FactorNeeded;
use App\Access\Accounts\PasswordNeeded;
use App\Platform\Http\Problems as Platform;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;

/** What a person must show first, by what it is called in the answer. */
final class AccessProblems
{
    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([PasswordNeeded::class, CodeNeeded::class, FactorNeeded::class]);
        $exceptions->render(static fn (PasswordNeeded $problem): JsonResponse => Platform::answer(
            403, 'password', __('access.problems.password'),
        ));
        $exceptions->render(static fn (CodeNeeded $problem): JsonResponse => Platform::answer(
            403, 'code', __('access.problems.code'),
        ));
        $exceptions->render(static fn (FactorNeeded $problem): JsonResponse => Platform::answer(
            403, 'secondFactor', __('access.problems.second_factor'),
        ));
    }
}
