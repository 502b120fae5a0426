<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Accounts\SecondFactor;
use App\Access\Accounts\TimeCode;
use App\Access\Models\User;
use App\Access\Values\Role;
use App\Clinic\Models\Examination;
use App\Clinic\Models\Task;
use App\Clinic\Values\TaskKind;
use App\Clinic\Values\TaskState;
use App\Club\Models\Athlete;
use App\Exchange\Models\SentReferral;
use App\Exchange\Referrals\ReferralRequest;
use App\Exchange\Values\ReferralState;
use App\Platform\Mail\Mail;
use Database\Factories\UserFactory;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\RateLimiter;

/** What the contract says of athletes, of accounts and of who is in a team. */
trait AccountPromises
{
    use HospitalAnswers;

    /** A name, a birth date and a squad in one line. */
    private const SHEET = ['content' => 'TmFtZTtCb3JuO1NxdWFkCkN5IE93bjsyMDAxLTAxLTAxO0p1ZG8K'];

    /** A document without findings. */
    private const FILE = [
        'content' => 'eyJmb3JtYXQiOiJncmF5LWNvbXBhc3MvZXhhbWluYXRpb24iLCJ2ZXJzaW9uIjoxLCJzZXR0aW5nIjoiYWN1dGVfdHJhdW1hIiwiaHVydFNpZGUiOiJsZWZ0IiwiZXhhbWluZWRBdCI6IjIwMjYtMDUtMDFUMDk6MzA6MDBaIiwiZmluZGluZ3MiOltdfQ==',
        'origin' => 'Marsh clinic', 'expects' => 1,
    ];

    private const WEBHOOK = ['address' => 'https://records.marsh.example/told', 'events' => ['examination.signed']];

    private const MRI = ['kind' => 'mri', 'on' => '2026-05-01', 'answers' => [['condition' => 'acl', 'seen' => 'present']]];

    private function athletes(User $user): void
    {
        $this->actingAs($user);
        $facts = ['name' => 'Sana Withernsea', 'bornOn' => '2010-05-04', 'squad' => 'Judo'];
        $id = (string) $this->postJson('/api/athletes', $facts)->assertCreated()->json('id');
        $this->postJson('/api/athletes', $facts)->assertStatus(409);
        $this->postJson('/api/athletes', [...$facts, 'bornOn' => 'in May'])->assertStatus(422);
        $this->putJson("/api/athletes/{$id}", [...$facts, 'number' => 'J09'])->assertOk();
        $this->putJson("/api/athletes/{$id}")->assertStatus(422);
        $this->deleteJson("/api/athletes/{$id}")->assertNoContent();
        $coach = User::factory()->memberOf($user->present()->team, Role::Coach)->create();
        $this->actingAs($coach)->postJson("/api/athletes/{$id}/restoration")->assertForbidden();
        $this->actingAs($user)->postJson("/api/athletes/{$id}/restoration")->assertNoContent();
        $this->postJson("/api/athletes/{$id}/restoration")->assertNotFound();
        $this->postJson("/api/athletes/{$id}/tasks", ['title' => ''])->assertStatus(422);
        $task = (string) $this->postJson("/api/athletes/{$id}/tasks", ['title' => 'ring', 'dueOn' => now()->toDateString()])
            ->assertCreated()->json('id');
        $this->putJson("/api/tasks/{$task}", ['state' => 'done'])->assertOk();
        $this->putJson("/api/tasks/{$task}", ['state' => 'done'])->assertStatus(422);
        $this->putJson('/api/tasks/elsewhere', ['state' => 'done'])->assertNotFound();
    }

    /** What a knee turned out to have. */
    private function referenceResults(string $examination): void
    {
        $episode = Examination::query()->findOrFail($examination)->episode_id;
        $this->getJson("/api/episodes/{$episode}")->assertOk();
        $this->getJson('/api/episodes/elsewhere')->assertNotFound();
        $this->getJson("/api/episodes/{$episode}/course")->assertOk();
        $this->getJson('/api/episodes/elsewhere/course')->assertNotFound();
        $this->getJson("/api/episodes/{$episode}/comparison")->assertStatus(422);
        $this->getJson("/api/episodes/{$episode}/comparison?before={$examination}&after={$examination}")->assertOk();
        $this->getJson("/api/episodes/{$episode}/comparison?before={$examination}&after=elsewhere")->assertNotFound();
        $this->postJson('/api/episodes/elsewhere/reference-results', self::MRI)->assertNotFound();
        $this->postJson("/api/episodes/{$episode}/reference-results")->assertStatus(422);
        $id = (string) $this->postJson("/api/episodes/{$episode}/reference-results", self::MRI)->assertCreated()->json('id');
        $this->putJson("/api/reference-results/{$id}")->assertStatus(422);
        $this->putJson("/api/reference-results/{$id}", self::MRI)->assertNoContent();
        $this->deleteJson("/api/reference-results/{$id}")->assertNoContent();
        $this->putJson("/api/reference-results/{$id}", self::MRI)->assertNotFound();
        $this->deleteJson("/api/reference-results/{$id}")->assertNotFound();
        $lead = User::query()->findOrFail((string) auth()->id());
        $this->actingAs(User::factory()->memberOf($lead->present()->team, Role::Coach)->create());
        $this->postJson("/api/reference-results/{$id}/restoration")->assertForbidden();
        $this->actingAs($lead)->postJson("/api/reference-results/{$id}/restoration")->assertNoContent();
        $this->postJson("/api/reference-results/{$id}/restoration")->assertNotFound();
    }

    private function calendars(string $athlete): void
    {
        $task = (string) $this->postJson("/api/athletes/{$athlete}/tasks", ['title' => 'ring', 'dueOn' => now()->toDateString()])->json('id');
        $file = (string) $this->get("/api/tasks/{$task}/calendar")->assertOk()->content();
        $this->get('/api/tasks/elsewhere/calendar')->assertNotFound();
        $this->postJson('/api/calendar/returned', ['content' => $file])->assertOk();
        $this->postJson('/api/calendar/returned', ['content' => 'no calendar'])->assertStatus(422);
        $this->putJson('/api/calendar')->assertStatus(422);
        $address = (string) $this->putJson('/api/calendar', ['inWords' => true])->assertOk()->json('address');
        $this->get((string) parse_url($address, PHP_URL_PATH))->assertOk();
        $this->deleteJson('/api/calendar')->assertNoContent();
        $this->get('/api/calendars/a-guess')->assertNotFound();
        $this->getJson('/api/page', ['X-Page-Token' => 'a guess'])->assertNotFound();
        $this->postJson('/api/today', ['search' => 'x'])->assertOk();
        $this->postJson('/api/today', ['search' => str_repeat('x', 61)])->assertStatus(422);
        $this->getJson('/api/doctors?examination[]=x')->assertStatus(422);
        $episode = Examination::query()->firstOrFail()->episode_id;
        $this->getJson("/api/episodes/{$episode}?task[]=x")->assertStatus(422);
    }

    private function imports(): void
    {
        foreach (['/api/imports/preview', '/api/imports'] as $uri) {
            $this->postJson($uri)->assertStatus(422);
        }
        $this->postJson('/api/imports/preview', self::SHEET)->assertOk();
        $id = (string) $this->postJson('/api/imports', self::SHEET)->assertStatus(202)->json('id');
        $this->getJson("/api/imports/{$id}")->assertOk();
        $this->deleteJson("/api/imports/{$id}")->assertOk();
        $this->deleteJson("/api/imports/{$id}")->assertStatus(422);
        $this->getJson('/api/imports/elsewhere')->assertNotFound();
        $this->deleteJson('/api/imports/elsewhere')->assertNotFound();
    }

    private function recordImports(): void
    {
        $file = [...self::FILE, 'athlete' => Athlete::query()->firstOrFail()->id];
        foreach (['/api/record-imports/preview', '/api/record-imports'] as $uri) {
            $this->postJson($uri)->assertStatus(422);
        }
        $this->postJson('/api/record-imports/preview', $file)->assertOk();
        $this->getJson('/api/record-imports')->assertOk();
        $id = (string) $this->postJson('/api/record-imports', $file)->assertStatus(202)->json('id');
        $this->getJson("/api/record-imports/{$id}")->assertOk();
        $this->deleteJson("/api/record-imports/{$id}")->assertOk();
        $this->deleteJson("/api/record-imports/{$id}")->assertStatus(422);
        $this->getJson('/api/record-imports/elsewhere')->assertNotFound();
        $this->deleteJson('/api/record-imports/elsewhere')->assertNotFound();
    }

    private function webhooks(): void
    {
        config(['exchange.webhook_hosts' => 'records.marsh.example']);
        Http::fake();
        $this->getJson('/api/webhooks')->assertOk()->assertJsonPath('areAllowed', true);
        $this->postJson('/api/webhooks')->assertStatus(422);
        $id = (string) $this->postJson('/api/webhooks', self::WEBHOOK)->assertCreated()->json('webhook.id');
        $delivery = (string) $this->postJson("/api/webhooks/{$id}/test")->assertStatus(202)->json('id');
        $this->postJson("/api/webhooks/{$id}/test", [], ['Idempotency-Key' => ''])->assertStatus(422);
        $this->getJson("/api/webhooks/{$id}/deliveries")->assertOk()->assertJsonPath('0.id', $delivery);
        $this->postJson("/api/webhooks/{$id}/deliveries/{$delivery}")->assertStatus(202);
        $this->postJson("/api/webhooks/{$id}/deliveries/{$delivery}", [], ['Idempotency-Key' => ''])->assertStatus(422);
        $this->deleteJson("/api/webhooks/{$id}")->assertNoContent();
        foreach ([['DELETE', ''], ['POST', '/test'], ['GET', '/deliveries'], ['POST', '/deliveries/elsewhere']] as [$method, $rest]) {
            $this->json($method, "/api/webhooks/elsewhere{$rest}")->assertNotFound();
        }
    }

    private function sentReferrals(): void
    {
        config(['exchange.hospital' => 'http://hospital.example/fhir']);
        Http::fake();
        $id = $this->sentReferral(TaskState::Open);
        $referral = SentReferral::query()->findOrFail($id);
        ['task_id' => $task, 'athlete_id' => $athlete] = $referral->getAttributes();
        $this->getJson("/api/athletes/{$athlete}/sent-referrals")->assertOk()->assertJsonPath('referrals.0.id', $id);
        $this->postJson("/api/tasks/{$task}/sent-referral")->assertStatus(202);
        $this->postJson("/api/tasks/{$task}/sent-referral", [], ['Idempotency-Key' => ''])->assertStatus(422);
        $this->postJson("/api/sent-referrals/{$id}/again")->assertStatus(202);
        $this->postJson("/api/sent-referrals/{$id}/again", [], ['Idempotency-Key' => ''])->assertStatus(422);
        $this->postJson("/api/sent-referrals/{$id}/result")->assertStatus(422);
        $examination = Examination::query()->firstOrFail();
        Task::query()->findOrFail($task)->update(['examination_id' => $examination->id]);
        $referral->update(['request' => app(ReferralRequest::class)->of($id, Task::query()->findOrFail($task), $examination->examiner)]);
        $referral->update(['state' => ReferralState::Answered, 'answer' => json_encode(self::hospitalAnswer($referral))]);
        $this->postJson("/api/sent-referrals/{$id}/result")->assertStatus(202);
        $this->getJson('/api/athletes/elsewhere/sent-referrals')->assertNotFound();
        foreach (['/api/tasks/elsewhere/sent-referral', '/api/sent-referrals/elsewhere/again', '/api/sent-referrals/elsewhere/result'] as $uri) {
            $this->postJson($uri)->assertNotFound();
        }
    }

    private function sentReferral(TaskState $state = TaskState::Sent): string
    {
        $athlete = Examination::query()->first()->episode->athlete ?? Athlete::query()->firstOrFail();
        $task = Task::query()->create([
            'team_id' => $athlete->team_id, 'athlete_id' => $athlete->id, 'kind' => TaskKind::Referral, 'state' => $state,
            'content' => ['title' => 'MRI', 'why' => '', 'side' => 'left'],
        ]);

        return SentReferral::query()->create([
            'team_id' => $athlete->team_id, 'athlete_id' => $athlete->id, 'task_id' => $task->id,
            'state' => ReferralState::Declined, 'request' => '{}',
        ])->id;
    }

    private function records(User $user): void
    {
        $athlete = $this->athleteOf($user)->id;
        $this->archiveOf($athlete);
        $this->withHeader('Idempotency-Key', 'short')->postJson("/api/athletes/{$athlete}/archive")->assertStatus(422);
        $this->flushHeaders();
        $this->getJson('/api/exports/elsewhere')->assertNotFound();
        $this->get('/api/exports/elsewhere/file')->assertNotFound();
        $this->deleteJson("/api/athletes/{$athlete}/record")->assertStatus(422);
        $this->deleteJson("/api/athletes/{$athlete}/record", ['reason' => 'asked for it'])->assertNoContent();
        $this->deleteJson("/api/athletes/{$athlete}/record", ['reason' => 'asked for it'])->assertNotFound();
        $this->postJson("/api/athletes/{$athlete}/archive")->assertNotFound();
    }

    private function accounts(User $user): void
    {
        RateLimiter::for('secrets', static fn (): Limit => Limit::none());
        $own = ['password' => UserFactory::PASSWORD];
        $this->postJson('/api/password/forgotten', ['email' => $user->email])->assertStatus(202);
        $this->postJson('/api/password/forgotten')->assertStatus(422);
        $this->postJson('/api/password/reset', ['token' => 'a guess', ...$own])->assertStatus(422);
        $this->postJson('/api/password/reset', ['token' => $this->mailedToken(), ...$own])->assertNoContent();
        $this->actingAs($user->refresh())->withSession(['presence' => ['given' => 0]]);
        foreach ([['POST', '/api/second-factor'], ['DELETE', '/api/second-factor']] as [$method, $uri]) {
            $this->json($method, $uri, [...$own, 'code' => '1'])->assertForbidden()->assertJsonPath('error.path', 'password');
        }
        $this->postJson('/api/password/confirm', ['password' => 'a guess'])->assertStatus(422);
        $this->postJson('/api/password/confirm', $own)->assertNoContent();
        $this->putJson('/api/password', ['current' => 'a guess', ...$own])->assertStatus(422)->assertJsonPath('error.path', 'current');
        $this->putJson('/api/password', ['current' => UserFactory::PASSWORD, ...$own])->assertNoContent();
        $this->putJson('/api/second-factor', ['code' => '1'])->assertStatus(422);
        $secret = (string) $this->postJson('/api/second-factor')->assertOk()->json('secret');
        $this->putJson('/api/second-factor', ['code' => Authenticator::code($secret)])->assertOk();
        $user->present()->team->update(['asks_second_factor' => true]);
        $without = User::factory()->memberOf($user->present()->team)->create();
        $this->actingAs($without)->getJson('/api/board')->assertForbidden();
        $this->actingAs($user->refresh())->deleteJson('/api/second-factor', ['code' => '1'])->assertStatus(422);
        $user->present()->team->update(['asks_second_factor' => false]);
        $code = ['code' => Authenticator::code($secret, 1)];
        $this->actingAs($user->refresh())->deleteJson('/api/second-factor', $code)->assertNoContent();
        DB::table('sessions')->insert(['id' => 'x', 'user_id' => $user->id, 'payload' => '', 'last_activity' => 0]);
        $session = (string) $this->getJson('/api/sessions')->assertOk()->json('0.id');
        $this->deleteJson('/api/sessions/elsewhere')->assertNotFound();
        $this->deleteJson("/api/sessions/{$session}")->assertNoContent();
        $this->deleteJson('/api/sessions')->assertNoContent();
        $this->putJson("/api/teams/{$user->teamId()}")->assertOk();
        $this->putJson('/api/teams/elsewhere')->assertNotFound();
        RateLimiter::for('secrets', static fn (): Limit => Limit::perMinute(1)->by('all'));
        $doors = [
            ['POST', '/api/password/forgotten'], ['POST', '/api/password/confirm'],
            ['PUT', '/api/password'], ['PUT', '/api/second-factor'], ['DELETE', '/api/second-factor'],
        ];
        foreach ([...$doors, ...$doors] as [$method, $uri]) {
            $last["{$method} {$uri}"] = $this->json($method, $uri, ['email' => 'nobody@fenmoor.example'])->getStatusCode();
        }
        self::assertSame([429], array_values(array_unique($last)));
        RateLimiter::for('secrets', static fn (): Limit => Limit::none());
    }

    private function teams(User $user): void
    {
        $this->actingAs($user);
        $bo = ['email' => 'bo@fenmoor.example', 'role' => 'student'];
        $this->postJson('/api/invitations', ['role' => 'king'])->assertStatus(422);
        $invitation = (string) $this->postJson('/api/invitations', $bo)->assertCreated()->json('id');
        $token = ['token' => $this->mailedToken()];
        $this->postJson('/api/invitation/look', $token)->assertOk();
        $this->postJson('/api/invitation/look', ['token' => 'a guess'])->assertNotFound();
        $this->postJson('/api/invitation/look')->assertStatus(422);
        $this->postJson('/api/invitation', $token)->assertStatus(422);
        $this->deleteJson("/api/invitations/{$invitation}")->assertNoContent();
        $this->deleteJson("/api/invitations/{$invitation}")->assertNotFound();
        $this->postJson('/api/invitations', $bo)->assertCreated();
        $token = ['token' => $this->mailedToken(), 'name' => 'Bo Tarrant', 'password' => 'only a few words'];
        $this->postJson('/api/invitation', $token)->assertNoContent();
        $bo = (string) $this->getJson('/api/members')->assertOk()->json('members.1.id');
        $this->putJson("/api/members/{$bo}", ['role' => 'king'])->assertStatus(422);
        $this->putJson("/api/members/{$bo}", ['role' => 'coach'])->assertNoContent();
        $this->deleteJson("/api/members/{$user->membership_id}")->assertStatus(422);
        $this->deleteJson("/api/members/{$bo}")->assertNoContent();
        $this->deleteJson("/api/members/{$bo}")->assertNotFound();
        $this->putJson("/api/members/{$bo}", ['role' => 'coach'])->assertNotFound();
        $this->comeBack($user);
        $this->putJson('/api/team', ['name' => ''])->assertStatus(422);
        $this->putJson('/api/team', self::settings())->assertNoContent();
        $mails = $this->getJson('/api/mails')->assertOk()->json();
        self::assertIsArray($mails);
        $this->getJson("/api/mails/{$mails[0]['id']}")->assertForbidden();
        $this->getJson('/api/mails/'.array_column($mails, 'id', 'readable')[1])->assertOk();
        $this->getJson('/api/mails/elsewhere')->assertNotFound();
    }

    /** Someone who left, is in no team and has a second factor is asked for both. */
    private function comeBack(User $lead): void
    {
        $gone = User::factory()->memberOf($lead->present()->team)->create();
        $this->deleteJson("/api/members/{$gone->membership_id}")->assertNoContent();
        $this->postJson('/api/invitations', ['email' => $gone->email, 'role' => 'student'])->assertCreated();
        $come = ['token' => $this->mailedToken(), 'password' => UserFactory::PASSWORD];
        $secret = random_bytes(TimeCode::SECRET_BYTES);
        SecondFactor::turnOn($gone->refresh(), $secret, (new TimeCode($secret))->at(intdiv(now()->getTimestamp(), 30)));
        $this->postJson('/api/invitation', $come)->assertForbidden()->assertJsonPath('error.path', 'code');
        for ($try = 0; $try < 11; $try++) {
            $last = $this->postJson('/api/invitation', [...$come, 'password' => 'a guess']);
        }
        $last->assertStatus(429);
    }

    /** A coach sees nothing of a record, and nobody but a lead anything of the team. */
    private function coaches(string $id, string $athlete, User $user): void
    {
        $this->actingAs($user);
        $bo = User::factory()->memberOf($user->present()->team)->create();
        $invitation = (string) $this->postJson('/api/invitations', ['email' => 'cy@fenmoor.example', 'role' => 'student'])->json('id');
        $ids = [
            '{membership}' => (string) $bo->membership_id, '{invitation}' => $invitation,
            '{task}' => (string) $this->postJson("/api/athletes/{$athlete}/tasks", ['title' => 'ring', 'dueOn' => now()->toDateString()])->json('id'),
            '{sentReferral}' => $this->sentReferral(),
            '{proposal}' => $this->proposalOf($user, $athlete),
            '{mail}' => Mail::query()->where('secret', false)->latest('id')->firstOrFail()->id,
            '{export}' => (string) $this->postJson("/api/athletes/{$this->athleteOf($user)->id}/archive")->json('id'),
            '{tableExport}' => (string) $this->postJson('/api/table-exports')->json('id'),
            '{import}' => (string) $this->postJson('/api/imports', self::SHEET)->json('id'),
            '{recordImport}' => (string) $this->postJson('/api/record-imports', [...self::FILE, 'athlete' => $athlete])->json('id'),
            '{webhook}' => $webhook = (string) $this->postJson('/api/webhooks', self::WEBHOOK)->json('webhook.id'),
            '{delivery}' => (string) $this->postJson("/api/webhooks/{$webhook}/test")->json('id'),
            '{anyone}' => $this->athleteOf($user)->id,
            '{letter}' => $this->letterOf($id),
            '{doctor}' => (string) $this->postJson('/api/doctors', ['name' => 'Dr Ines Falkner'])->json('id'),
            '{episode}' => $episode = Examination::query()->findOrFail($id)->episode_id,
            '{attachment}' => (string) $this->attachTo(
                (string) $this->postJson("/api/episodes/{$episode}/reference-results", self::MRI)->json('id'), '%PDF-1.4 a report', 'x',
            )->json('id'),
            '{result}' => (string) $this->postJson("/api/episodes/{$episode}/reference-results", self::MRI)->json('id'),
        ];
        $this->actingAs(User::factory()->memberOf($user->present()->team, Role::Coach)->create());
        $pages = array_map(static fn (string $uri): array => ['GET', $uri, []], self::pages($id, $athlete));
        foreach ([...self::recordChanges($id, $athlete), ...self::teamChanges(), ...$pages] as [$method, $uri, $body]) {
            if (! \in_array($uri, ['/api/ping', '/api/sessions', '/api/board'], true) && ! str_ends_with($uri, 'restoration')) {
                $this->json($method, strtr($uri, $ids), $body)->assertForbidden();
            }
        }
    }

    /**
     * @return list<array{string, string, array<string, mixed>}> method, address, body
     */
    private static function accountChanges(): array
    {
        return [
            ['POST', '/api/password/forgotten', []], ['POST', '/api/password/reset', []],
            ['POST', '/api/invitation/look', []], ['POST', '/api/invitation', []],
            ['POST', '/api/password/confirm', []], ['PUT', '/api/password', []],
            ['POST', '/api/second-factor', []], ['PUT', '/api/second-factor', []], ['DELETE', '/api/second-factor', []],
            ['DELETE', '/api/sessions', []], ['DELETE', '/api/sessions/x', []], ['PUT', '/api/teams/x', []],
        ];
    }

    /**
     * @return list<array{string, string, array<string, mixed>}> method, address, body
     */
    private static function teamChanges(): array
    {
        return [
            ['PUT', '/api/team', []], ['POST', '/api/invitations', []],
            ['DELETE', '/api/invitations/{invitation}', []], ['PUT', '/api/members/{membership}', []],
            ['DELETE', '/api/members/{membership}', []], ['POST', '/api/webhooks', []],
            ['DELETE', '/api/webhooks/{webhook}', []], ['POST', '/api/webhooks/{webhook}/test', []],
            ['POST', '/api/webhooks/{webhook}/deliveries/{delivery}', []],
        ];
    }

    /** The secret of the last link that was mailed. */
    private function mailedToken(): string
    {
        $mail = Mail::query()->withoutGlobalScopes()->latest('id')->firstOrFail();
        preg_match('/#([\w-]+)/', quoted_printable_decode($mail->message), $found);

        return $found[1] ?? '';
    }
}
