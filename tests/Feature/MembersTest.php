<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Models\Team;
use App\Access\Models\User;
use App\Access\Values\Role;
use App\Platform\Mail\Mail;
use Database\Factories\UserFactory;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

/** Who comes into a team, who leaves it, and someone who is in two. */
final class MembersTest extends FeatureTestCase
{
    public function test_someone_new_comes_in_by_a_link_once(): void
    {
        $lead = $this->member(role: Role::Lead);
        $token = $this->invite($lead, 'Bo.Tarrant@Fenmoor.example', 'student');
        Auth::logout();
        $this->postJson('/api/invitation/look', ['token' => $token])->assertOk()->assertExactJson([
            'team' => 'Fenmoor Indoor Sports Club', 'role' => 'student', 'email' => 'bo.tarrant@fenmoor.example', 'account' => 'none',
        ]);
        $come = fn (array $with) => $this->postJson('/api/invitation', ['token' => $token, ...$with]);
        $come(['password' => 'knees in the fen'])->assertStatus(422)->assertJsonPath('error.path', 'name');
        $come(['name' => 'Bo', 'password' => 'bo.tarrant12'])->assertStatus(422)->assertJsonPath('error.path', 'password');
        $come(['name' => '  Bo   Tarrant ', 'password' => 'knees in the fen'])->assertNoContent();
        $come(['name' => 'Bo Tarrant', 'password' => 'knees in the fen'])->assertStatus(422)->assertJsonPath('error.path', 'token');
        $this->postJson('/api/login', ['email' => 'bo.tarrant@fenmoor.example', 'password' => 'knees in the fen'])
            ->assertOk()->assertJsonPath('user.role', 'student')->assertJsonPath('user.name', 'Bo Tarrant');
        $this->actingAs($lead)->postJson('/api/invitations', ['email' => 'bo.tarrant@fenmoor.example', 'role' => 'lead'])
            ->assertStatus(422)->assertJsonPath('error.path', 'email');
    }

    public function test_a_link_is_nothing_once_it_is_withdrawn_or_too_old(): void
    {
        $lead = $this->member(role: Role::Lead);
        $token = $this->invite($lead, 'bo@fenmoor.example', 'student');
        $id = (string) $this->getJson('/api/members')->json('invitations.0.id');
        $this->actingAs($this->member('Marsh End Judo', Role::Lead))->deleteJson("/api/invitations/{$id}")->assertNotFound();
        $this->actingAs($lead)->deleteJson("/api/invitations/{$id}")->assertNoContent();
        $this->postJson('/api/invitation/look', ['token' => $token])->assertNotFound();
        $token = $this->invite($lead, 'bo@fenmoor.example', 'student');
        $this->travel(8)->days();
        $this->postJson('/api/invitation/look', ['token' => $token])->assertNotFound();
    }

    public function test_someone_in_two_teams_is_at_work_in_one_of_them(): void
    {
        $user = $this->member('Marsh End Judo');
        $mine = $this->athleteOf($user);
        $lead = $this->member(role: Role::Lead);
        $theirs = $this->athleteOf($lead);
        $token = $this->invite($lead, $user->email, 'practitioner');
        // The password alone is no way in: the person who has an account logs in with it, past its limits and its second factor.
        $this->postJson('/api/invitation', ['token' => $token, 'password' => UserFactory::PASSWORD])
            ->assertStatus(422)->assertJsonPath('error.path', 'email');
        $this->actingAs($user->refresh())->postJson('/api/invitation', ['token' => $token])->assertNoContent();
        $this->actingAs($user->refresh());
        $this->getJson('/api/me')->assertJsonPath('user.team', 'Fenmoor Indoor Sports Club')->assertJsonCount(2, 'user.teams');
        $this->getJson("/api/athletes/{$theirs->id}")->assertOk();
        $this->getJson("/api/athletes/{$mine->id}")->assertNotFound();
        $this->putJson("/api/teams/{$mine->team_id}")->assertOk()->assertJsonPath('user.team', 'Marsh End Judo');
        $this->actingAs($user->refresh())->getJson("/api/athletes/{$mine->id}")->assertOk();
        $this->getJson("/api/athletes/{$theirs->id}")->assertNotFound();
        $this->putJson('/api/teams/'.Team::factory()->create()->id)->assertNotFound();
    }

    public function test_who_leaves_is_out_at_once_and_what_they_signed_stays_theirs(): void
    {
        $lead = $this->member(role: Role::Lead);
        $bo = User::factory()->memberOf($lead->present()->team)->create(['name' => 'Bo Tarrant']);
        $id = $this->openedBy($bo);
        $this->postJson("/api/examinations/{$id}/signature", $this->seen($id))->assertOk();
        DB::table('sessions')->insert(['id' => 'x', 'user_id' => $bo->id, 'payload' => '', 'last_activity' => 0]);
        $this->actingAs($lead)->deleteJson("/api/members/{$bo->membership_id}")->assertNoContent();
        self::assertSame(0, DB::table('sessions')->where('user_id', $bo->id)->count());
        $this->getJson("/api/examinations/{$id}")->assertOk()->assertJsonPath('signedBy', 'Bo Tarrant');
        $this->actingAs($bo->refresh())->getJson('/api/today')->assertUnauthorized();
        $this->postJson('/api/login', ['email' => $bo->email, 'password' => UserFactory::PASSWORD])->assertStatus(422);
        $token = $this->invite($lead, $bo->email, 'student');
        $this->postJson('/api/invitation/look', ['token' => $token])->assertJsonPath('account', 'without_team');
        foreach (range(1, 10) as $guess) {
            $this->postJson('/api/invitation', ['token' => $token, 'password' => "guess {$guess}"])->assertStatus(422);
        }
        $this->postJson('/api/invitation', ['token' => $token, 'password' => UserFactory::PASSWORD])->assertStatus(429);
        $this->travel(2)->minutes();
        $this->postJson('/api/invitation', ['token' => $token, 'password' => UserFactory::PASSWORD])->assertNoContent();
        $this->actingAs($bo->refresh())->getJson('/api/me')->assertJsonPath('user.role', 'student');
    }

    public function test_someone_always_leads_the_team(): void
    {
        $lead = $this->member(role: Role::Lead);
        $bo = User::factory()->memberOf($lead->present()->team)->create();
        $this->actingAs($lead)->putJson("/api/members/{$lead->membership_id}", ['role' => 'coach'])->assertStatus(422);
        $this->deleteJson("/api/members/{$lead->membership_id}")->assertStatus(422)->assertJsonPath('error.path', 'role');
        $this->putJson("/api/members/{$bo->membership_id}", ['role' => 'lead'])->assertNoContent();
        $this->deleteJson("/api/members/{$lead->membership_id}")->assertNoContent();
        self::assertSame(Role::Lead, $bo->refresh()->role());
    }

    public function test_a_lead_of_another_team_touches_nobody_here(): void
    {
        $bo = $this->member();
        $this->actingAs($this->member('Marsh End Judo', Role::Lead));
        $this->putJson("/api/members/{$bo->membership_id}", ['role' => 'coach'])->assertNotFound();
        $this->deleteJson("/api/members/{$bo->membership_id}")->assertNotFound();
        $this->getJson('/api/mails')->assertOk()->assertExactJson([]);
    }

    public function test_the_outbox_shows_what_would_have_left_but_for_links_that_open_an_account(): void
    {
        $lead = $this->member(role: Role::Lead);
        $this->invite($lead, 'bo@fenmoor.example', 'student');
        $this->putJson('/api/password', ['current' => UserFactory::PASSWORD, 'password' => 'knees in the fen'])->assertNoContent();
        $mails = $this->actingAs($lead->refresh())->getJson('/api/mails')->assertOk()
            ->assertJsonPath('1.readable', false)->assertJsonPath('1.to', 'bo@fenmoor.example')->assertJsonPath('0.readable', true);
        $this->getJson("/api/mails/{$mails->json('1.id')}")->assertForbidden();
        $eml = $this->get("/api/mails/{$mails->json('0.id')}")->assertOk()->content();
        self::assertMatchesRegularExpression('/^Subject: Your Gray Compass account: password changed/m', (string) $eml);
        self::assertStringNotContainsString('bo@fenmoor.example', (string) json_encode(DB::table('mails')->get()));
    }

    /** The token of the link that was mailed. */
    private function invite(User $lead, string $email, string $role): string
    {
        $this->actingAs($lead)->postJson('/api/invitations', ['email' => $email, 'role' => $role])->assertCreated();
        $mail = Mail::query()->latest('id')->firstOrFail();
        preg_match('/invitation#([\w-]+)/', quoted_printable_decode($mail->message), $link);

        return $link[1] ?? '';
    }
}
