<?php

declare(strict_types=1);

namespace App\Examinations;

use Illuminate\Http\JsonResponse;
use RuntimeException;

/** A signed examination never changes. */
final class AlreadySigned extends RuntimeException
{
    public function render(): JsonResponse
    {
        return response()->json(['error' => ['path' => '', 'reason' => 'this examination is signed and cannot be changed']], 423);
    }
}
