<?php

declare(strict_types=1);

namespace App\Access\Http\Controllers;

use App\Access\Http\Requests\TokenRequest;
use App\Access\Models\ApiToken;
use App\Access\Models\User;
use App\Access\Tokens\ApiTokens;
use App\Access\Values\Ability;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

/** Tokens with which other programs come in. */
final readonly class TokenController
{
    public function __construct(private ApiTokens $tokens)
    {
    }

    public function index(#[CurrentUser] User $user): JsonResponse
    {
        return response()->json(array_values($this->tokens->seenBy($user)->map(static fn (ApiToken $token): array => [
            'id' => $token->id,
            'name' => $token->name,
            'by' => $token->membership->user->name,
            'own' => $token->tokenable_id === $user->id,
            'ofTeam' => $token->of_team,
            'abilities' => $token->abilities,
            'madeAt' => $token->created_at->toIso8601ZuluString(),
            'usedAt' => $token->last_used_at?->toIso8601ZuluString(),
            'expiresAt' => $token->expires_at->toIso8601ZuluString(),
            'isOver' => $token->expires_at->isPast() || $token->membership->ended_at !== null,
        ])->all()));
    }

    public function store(TokenRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        ! $request->isOfTeam() || Gate::authorize(Ability::Lead);
        [$token, $secret] = $this->tokens->make(
            $user, $request->name(), $request->abilities(), $request->days(), $request->isOfTeam(),
        );

        return response()->json(['id' => $token->id, 'token' => $secret], 201);
    }

    public function destroy(string $apiToken, #[CurrentUser] User $user): Response
    {
        $this->tokens->revoke($this->tokens->find($user, $apiToken) ?? abort(404));

        return response()->noContent();
    }
}
