<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Models\ApiToken;
use App\Access\Models\User;
use App\Access\Tokens\ApiTokens;
use App\Access\Values\Role;
use App\Access\Values\TokenAbility;
use App\Platform\Audit\AuditEntry;
use App\Platform\Audit\AuditEvent;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route as Router;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

/** Other programs come in by tokens: never further than the member who made them, and only where a route says so. */
final class TokensTest extends FeatureTestCase
{
    public function test_a_token_is_told_once_and_opens_what_it_was_made_for(): void
    {
        $user = $this->member();
        $id = $this->openedBy($user);
        $made = $this->postJson('/api/tokens', ['name' => 'Gym bridge', 'abilities' => ['read', 'record'], 'days' => 30]);
        $token = (string) $made->assertCreated()->json('token');
        self::assertStringNotContainsString(substr($token, 27), (string) json_encode(DB::table('tokens')->get()));
        $this->getJson('/api/tokens')->assertOk()->assertJsonPath('0.name', 'Gym bridge')->assertJsonPath('0.usedAt', null)
            ->assertJsonMissing(['token' => $token]);

        $this->by($token, 'GET', "/api/examinations/{$id}")->assertOk()->assertHeader('X-RateLimit-Limit');
        $this->by($token, 'PUT', "/api/examinations/{$id}/sections/history", [
            'key' => 'a-key-of-the-bridge', 'payload' => ['pop' => true], 'version' => 0,
        ])->assertOk()->assertCookieMissing(config()->string('session.cookie'));
        $this->by($token, 'GET', "/api/examinations/{$id}/document")->assertForbidden()
            ->assertJsonPath('error.reason', 'This token does not have the ability export');
        $this->by($token, 'POST', "/api/examinations/{$id}/signature", $this->seen($id))->assertForbidden()
            ->assertJsonPath('error.reason', 'No token opens this; log in instead');
        self::assertNotNull(ApiToken::query()->sole()->last_used_at);
        self::assertSame(
            ['examinations.show', 'examinations.sections.update'],
            AuditEntry::query()->withoutGlobalScopes()->where('event', AuditEvent::TokenUsed)->orderBy('id')->get()
                ->map(static fn (AuditEntry $one): string => (string) $one->detail['route'])->all(),
        );
    }

    public function test_what_has_ended_opens_nothing(): void
    {
        $user = $this->member();
        [$row, $token] = $this->made($user);
        $this->by($token, 'GET', '/api/squads')->assertOk();
        $this->by("{$token}x", 'GET', '/api/squads')->assertUnauthorized();
        $this->by('nothing', 'GET', '/api/squads')->assertUnauthorized();

        $row->forceFill(['expires_at' => now()->subMinute()])->save();
        $this->by($token, 'GET', '/api/squads')->assertUnauthorized();
        $row->forceFill(['expires_at' => now()->addDay()])->save();
        $user->present()->update(['ended_at' => now()]);
        $this->by($token, 'GET', '/api/squads')->assertUnauthorized();
        $user->present()->update(['ended_at' => null]);
        $this->by($token, 'GET', '/api/squads')->assertOk();
        $this->again($user)->deleteJson("/api/tokens/{$row->id}")->assertNoContent();
        $this->by($token, 'GET', '/api/squads')->assertUnauthorized();
    }

    public function test_a_token_stays_in_the_team_that_it_was_made_for(): void
    {
        $user = $this->member();
        $here = $this->athleteOf($user)->id;
        [, $token] = $this->made($user);
        $stranger = $this->member('Fen Rowers');
        $there = $this->athleteOf($stranger)->id;
        $this->by($token, 'GET', "/api/athletes/{$here}")->assertOk();
        $this->by($token, 'GET', "/api/athletes/{$there}")->assertNotFound();

        $other = User::factory()->memberOf($stranger->present()->team)->create();
        $user->update(['membership_id' => $other->membership_id]);
        $this->by($token, 'GET', "/api/athletes/{$there}")->assertNotFound();
        $this->by($token, 'GET', "/api/athletes/{$here}")->assertOk();
    }

    public function test_leads_revoke_those_of_the_team_and_see_no_personal_ones(): void
    {
        $lead = $this->member(role: Role::Lead);
        $other = User::factory()->memberOf($lead->present()->team, Role::Lead)->create();
        $practitioner = User::factory()->memberOf($lead->present()->team)->create();
        [$personal] = $this->made($practitioner);
        [$ofTeam] = $this->made($other, isOfTeam: true);
        $this->again($lead)->getJson('/api/tokens')->assertOk()->assertJsonCount(1)->assertJsonPath('0.id', $ofTeam->id);
        $this->deleteJson("/api/tokens/{$personal->id}")->assertNotFound();
        $this->deleteJson("/api/tokens/{$ofTeam->id}")->assertNoContent();
        $this->again($practitioner)->postJson('/api/tokens', ['name' => 'x', 'abilities' => ['read'], 'days' => 1, 'ofTeam' => true])
            ->assertForbidden();
        $this->postJson('/api/tokens', ['name' => 'x', 'abilities' => [], 'days' => 1])->assertStatus(422);
        $this->postJson('/api/tokens', ['name' => 'x', 'abilities' => ['read'], 'days' => 366])->assertStatus(422);
    }

    #[DataProvider('roles')]
    public function test_no_token_opens_more_than_a_session_of_its_member(Role $role): void
    {
        $lead = $this->member(role: Role::Lead);
        $user = User::factory()->memberOf($lead->present()->team, $role)->create();
        $id = $this->openedBy($lead);
        $athlete = $this->athleteOf($lead)->id;
        [, $token] = $this->made($user, TokenAbility::cases());
        $opened = $closed = 0;
        foreach (Router::getRoutes()->getRoutes() as $route) {
            $method = $route->methods()[0];
            if (! $route instanceof Route || ! str_starts_with($route->uri(), 'api/') || $route->getName() === 'nothing') {
                continue;
            }
            $uri = '/'.strtr($route->uri(), ['{examination}' => $id, '{athlete}' => $athlete, '{section}' => 'history', '{manoeuvre}' => 'gait', '{side}' => 'both']);
            $byToken = $this->by($token, $method, $uri)->getStatusCode();
            if (preg_grep('/^token:|OpenToTokens/', $route->gatherMiddleware()) === []) {
                self::assertSame(403, $byToken, "{$route->getName()} for a {$role->value}");
                $closed++;
            } else {
                $bySession = $this->again($user)->json($method, $uri)->getStatusCode();
                self::assertSame($bySession, $byToken, "{$route->getName()} for a {$role->value}");
                $opened++;
            }
        }
        self::assertGreaterThan(25, $opened);
        self::assertGreaterThan(50, $closed);
    }

    /** @return iterable<string, array{Role}> */
    public static function roles(): iterable
    {
        foreach (Role::cases() as $role) {
            yield $role->value => [$role];
        }
    }

    /**
     * @param  list<TokenAbility>  $abilities
     * @return array{ApiToken, string}
     */
    private function made(User $user, array $abilities = [TokenAbility::Read], bool $isOfTeam = false): array
    {
        return app(ApiTokens::class)->make($user, 'Gym bridge', $abilities, 30, $isOfTeam);
    }

    /**
     * As another program: without a session, and as if nobody had been here before.
     *
     * @param  array<string, mixed>  $body
     * @return TestResponse<\Illuminate\Http\Response>
     */
    private function by(string $token, string $method, string $uri, array $body = []): TestResponse
    {
        Auth::forgetGuards();
        Auth::shouldUse('web');
        $this->flushSession();

        return $this->json($method, $uri, $body, ['Authorization' => "Bearer {$token}"]);
    }

    private function again(User $user): static
    {
        Auth::forgetGuards();
        Auth::shouldUse('web');

        return $this->actingAs($user->refresh());
    }
}
