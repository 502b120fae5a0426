<?php

declare(strict_types=1);

namespace App\Clinic\Http\Controllers;

use App\Access\Models\User;
use App\Clinic\Board\Board;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** Who may play: the coach's whole view. */
final class BoardController
{
    public function __invoke(#[CurrentUser] User $user, Board $board): JsonResponse
    {
        return response()->json($board->for($user));
    }
}
