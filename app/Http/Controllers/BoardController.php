<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\People\Board;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** Who may play: the coach's whole view. */
final class BoardController
{
    public function __invoke(#[CurrentUser] User $user): JsonResponse
    {
        return response()->json(Board::for($user));
    }
}
