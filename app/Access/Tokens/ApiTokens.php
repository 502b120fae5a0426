<?php

declare(strict_types=1);

namespace App\Access\Tokens;

use App\Access\Accounts\Token;
use App\Access\Models\ApiToken;
use App\Access\Models\User;
use App\Access\Values\Ability;
use App\Access\Values\TokenAbility;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;

/** Tokens of a member, and for a lead those of the team. */
final readonly class ApiTokens
{
    /** A token stands for a year at most. */
    public const MOST_DAYS = 365;

    public function __construct(private AuditLog $log)
    {
    }

    /**
     * @param  list<TokenAbility>  $abilities
     * @param  int<1, 365>  $days  after which it opens nothing any more
     * @return array{ApiToken, string} the second is the token itself, which is told this once
     */
    public function make(User $user, string $name, array $abilities, int $days, bool $isOfTeam): array
    {
        $secret = Token::make();

        return DB::transaction(function () use ($user, $name, $abilities, $days, $isOfTeam, $secret): array {
            $token = ApiToken::query()->create([
                'team_id' => $user->teamId(),
                'membership_id' => $user->present()->id,
                'tokenable_type' => $user->getMorphClass(),
                'tokenable_id' => $user->id,
                'name' => $name,
                'of_team' => $isOfTeam,
                'token' => $secret->hash(),
                'abilities' => array_map(static fn (TokenAbility $one): string => $one->value, $abilities),
                'expires_at' => Date::now()->addDays($days),
            ]);
            $this->log->record(AuditEvent::TokenMade, $token->id, ['abilities' => implode(' ', $token->abilities)]);

            return [$token, "{$token->id}|{$secret->secret}"];
        });
    }

    /** @return Collection<int, ApiToken> newest first, those that have ended too */
    public function seenBy(User $user): Collection
    {
        return $this->rows($user)->with('membership.user')->orderByDesc('id')->get();
    }

    public function find(User $user, string $id): ?ApiToken
    {
        return $this->rows($user)->find($id);
    }

    public function revoke(ApiToken $token): void
    {
        DB::transaction(function () use ($token): void {
            $token->delete();
            $this->log->record(AuditEvent::TokenRevoked, $token->id);
        });
    }

    /** @return Builder<ApiToken> */
    private function rows(User $user): Builder
    {
        return ApiToken::query()->where('team_id', $user->teamId())->where(
            static fn (Builder $rows) => $rows->where('tokenable_id', $user->id)
                ->when($user->can(Ability::Lead), static fn (Builder $all) => $all->orWhere('of_team', true)),
        );
    }
}
