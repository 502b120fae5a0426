<?php

declare(strict_types=1);

namespace App\Examinations;

use Illuminate\Http\JsonResponse;
use RuntimeException;

/** A key stands for one save by one person: other content under the same key is a mistake of the sender. */
final class ReusedKey extends RuntimeException
{
    public function render(): JsonResponse
    {
        return response()->json(['error' => ['path' => 'key', 'reason' => 'this key was used for another save']], 422);
    }
}
