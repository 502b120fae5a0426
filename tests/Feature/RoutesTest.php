<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Models\Invitation;
use App\Access\Models\Team;
use App\Access\Models\User;
use App\Access\Teams\Abilities;
use App\Access\Tokens\ApiTokens;
use App\Access\Values\Ability;
use App\Access\Values\Role;
use App\Access\Values\TokenAbility;
use App\Clinic\Models\Attachment;
use App\Clinic\Models\Episode;
use App\Clinic\Models\Examination;
use App\Clinic\Models\Export;
use App\Clinic\Models\Letter;
use App\Clinic\Models\Proposal;
use App\Clinic\Models\ReferenceResult;
use App\Clinic\Models\Task;
use App\Clinic\Values\ExportState;
use App\Clinic\Values\FileType;
use App\Clinic\Values\ProposalKind;
use App\Clinic\Values\ProposalState;
use App\Clinic\Values\ReferenceKind;
use App\Clinic\Values\TaskKind;
use App\Clinic\Values\TaskState;
use App\Club\Models\Doctor;
use App\Club\Models\Import;
use App\Club\Values\ImportState;
use App\Exchange\Models\RecordImport;
use App\Exchange\Models\SentReferral;
use App\Exchange\Models\TableExport;
use App\Exchange\Models\Webhook;
use App\Exchange\Values\DeliveryState;
use App\Exchange\Values\ReferralState;
use App\Exchange\Values\TableExportState;
use App\Exchange\Values\WebhookEvent;
use App\Platform\Mail\Mail;
use Database\Factories\UserFactory;
use GrayCompass\Core\Knee\Side;
use GrayCompass\Core\Tests\Support\Example;
use GrayCompass\Document\Json;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Route as Router;
use Illuminate\Support\Str;

/** Every route of the API, the person who comes: a route that is added stands here by itself. */
final class RoutesTest extends FeatureTestCase
{
    use LetterPromises;

    /** The person who is not logged in may only do so. */
    private const OPEN = [
        'login', 'me', 'nothing', 'page.read', 'calendars.read', 'password.forgotten', 'password.reset', 'invitation.show', 'invitation.accept',
    ];

    /** The person who is logged in may do so with their own account, whatever they are in the team. */
    private const OWN = [
        'logout', 'ping', 'password.confirm', 'password.update', 'second-factor.store', 'second-factor.update',
        'second-factor.destroy', 'sessions', 'sessions.others', 'sessions.end', 'teams.choose',
    ];

    /**
     * What each door answers to a coach, a student, a practitioner and a lead of the team who knock with what it asks for; a
     * route that is added fails here until it stands in this table.
     */
    private const MATRIX = [
        'login' => [422, 422, 422, 422],
        'me' => [200, 200, 200, 200],
        'logout' => [204, 204, 204, 204],
        'ping' => [204, 204, 204, 204],
        'password.forgotten' => [202, 202, 202, 202],
        'password.reset' => [422, 422, 422, 422],
        'password.confirm' => [204, 204, 204, 204],
        'password.update' => [204, 204, 204, 204],
        'second-factor.store' => [200, 200, 200, 200],
        'second-factor.update' => [422, 422, 422, 422],
        // Without a code of it.
        'second-factor.destroy' => [422, 422, 422, 422],
        'sessions' => [200, 200, 200, 200],
        'sessions.others' => [204, 204, 204, 204],
        'sessions.end' => [204, 204, 204, 204],
        'teams.choose' => [200, 200, 200, 200],
        'invitation.show' => [404, 404, 404, 404],
        'invitation.accept' => [422, 422, 422, 422],
        'members' => [403, 403, 403, 200],
        'members.update' => [403, 403, 403, 204],
        'members.destroy' => [403, 403, 403, 204],
        'invitations.store' => [403, 403, 403, 201],
        'invitations.destroy' => [403, 403, 403, 204],
        'team' => [403, 403, 403, 200],
        'team.update' => [403, 403, 403, 204],
        'doctors' => [403, 403, 200, 200],
        'doctors.store' => [403, 403, 201, 201],
        'doctors.update' => [403, 403, 204, 204],
        'doctors.destroy' => [403, 403, 204, 204],
        'doctors.restore' => [403, 403, 204, 204],
        'attachments.store' => [403, 404, 422, 422],
        'attachments.show' => [403, 404, 200, 200],
        'attachments.destroy' => [403, 404, 204, 204],
        'attachments.restore' => [403, 404, 204, 204],
        'letters.show' => [403, 404, 200, 200],
        'letters.update' => [403, 404, 200, 200],
        'letters.destroy' => [403, 404, 204, 204],
        'letters.restore' => [403, 404, 204, 204],
        'letters.send' => [403, 404, 200, 200],
        'letters.pdf' => [403, 404, 200, 200],
        'letters.text' => [403, 404, 200, 200],
        'retention' => [403, 403, 403, 200],
        'retention.update' => [403, 403, 403, 204],
        'mails' => [403, 403, 403, 200],
        'mails.show' => [403, 403, 403, 200],
        'imports.preview' => [403, 403, 200, 200],
        'imports.store' => [403, 403, 202, 202],
        'imports' => [403, 403, 200, 200],
        'imports.show' => [403, 403, 200, 200],
        'imports.destroy' => [403, 403, 200, 200],
        'athletes.table' => [403, 403, 403, 200],
        'calendar' => [403, 200, 200, 200],
        'calendar.update' => [403, 200, 200, 200],
        'calendar.destroy' => [403, 204, 204, 204],
        'calendar.returned' => [403, 403, 200, 200],
        'calendars.read' => [404, 404, 404, 404],
        'tasks.calendar' => [403, 404, 200, 200],
        'athlete-files.export' => [403, 403, 403, 202],
        'exports' => [403, 403, 403, 200],
        'exports.fetch' => [403, 403, 403, 200],
        'record-imports.preview' => [403, 403, 200, 200],
        'record-imports.store' => [403, 403, 202, 202],
        'record-imports' => [403, 403, 200, 200],
        'record-imports.show' => [403, 403, 200, 200],
        'record-imports.destroy' => [403, 403, 200, 200],
        'sent-referrals' => [403, 403, 200, 200],
        'sent-referrals.store' => [403, 404, 422, 422],
        'sent-referrals.again' => [403, 403, 202, 202],
        'sent-referrals.add' => [403, 403, 422, 422],
        'webhooks' => [403, 403, 403, 200],
        'webhooks.store' => [403, 403, 403, 201],
        'webhooks.destroy' => [403, 403, 403, 204],
        'webhooks.test' => [403, 403, 403, 202],
        'webhooks.deliveries' => [403, 403, 403, 200],
        'webhooks.again' => [403, 403, 403, 202],
        'table-exports.store' => [403, 403, 403, 202],
        'table-exports.show' => [403, 403, 403, 200],
        'table-exports.fetch' => [403, 403, 403, 200],
        'tokens' => [403, 200, 200, 200],
        'tokens.store' => [403, 201, 201, 201],
        'tokens.destroy' => [403, 204, 204, 204],
        'athlete-files.erase' => [403, 403, 403, 204],
        'board' => [200, 200, 200, 200],
        'catalogue' => [403, 200, 200, 200],
        'today' => [403, 200, 200, 200],
        'today.search' => [403, 200, 200, 200],
        'page.read' => [404, 404, 404, 404],
        'weigh' => [403, 200, 200, 200],
        'rates' => [403, 200, 200, 200],
        'audit-log' => [403, 403, 403, 200],
        'audit-log.table' => [403, 403, 403, 200],
        'athletes.store' => [403, 403, 201, 201],
        'athletes.update' => [403, 403, 200, 200],
        'athletes.destroy' => [403, 403, 204, 204],
        'athletes.restore' => [403, 403, 204, 204],
        'athletes.archived' => [403, 200, 200, 200],
        'squads' => [403, 200, 200, 200],
        'athletes.index' => [403, 200, 200, 200],
        'athletes.tasks.store' => [403, 202, 201, 201],
        'tasks.update' => [403, 404, 200, 200],
        'proposals.decide' => [403, 403, 204, 204],
        'proposals.withdraw' => [403, 204, 403, 403],
        'episodes.show' => [403, 200, 200, 200],
        'episodes.course' => [403, 200, 200, 200],
        'episodes.comparison' => [403, 404, 404, 404],
        'reference-results.store' => [403, 404, 201, 201],
        'reference-results.update' => [403, 404, 204, 204],
        'reference-results.destroy' => [403, 404, 204, 204],
        'reference-results.restore' => [403, 404, 204, 204],
        'athletes.show' => [403, 200, 200, 200],
        'athletes.past' => [403, 200, 200, 200],
        'athletes.examinations.store' => [403, 201, 201, 201],
        'examinations.show' => [403, 404, 200, 200],
        'examinations.pdf' => [403, 404, 200, 200],
        'examinations.document' => [403, 404, 200, 200],
        'examinations.bundle' => [403, 404, 200, 200],
        'athletes.bundle' => [403, 403, 403, 200],
        'examinations.weighing' => [403, 404, 200, 200],
        'examinations.difference' => [403, 404, 204, 204],
        'examinations.athlete-text' => [403, 404, 200, 200],
        'examinations.sign' => [403, 404, 200, 200],
        'examinations.letters' => [403, 404, 200, 200],
        'examinations.page' => [403, 404, 200, 200],
        'examinations.page.destroy' => [403, 404, 204, 204],
        // Not signed yet.
        'examinations.letters.store' => [403, 404, 422, 422],
        'examinations.page.store' => [403, 404, 422, 422],
        'examinations.addenda' => [403, 404, 422, 422],
        'examinations.correction' => [403, 404, 422, 422],
        // Of the lead: to a student it does not exist.
        'examinations.ask' => [403, 404, 204, 204],
        'examinations.other' => [403, 404, 201, 201],
        'examinations.knee' => [403, 404, 200, 200],
        'examinations.sections.update' => [403, 404, 200, 200],
        'examinations.records.update' => [403, 404, 200, 200],
        'examinations.records.destroy' => [403, 404, 200, 200],
        'nothing' => [404, 404, 404, 404],
    ];

    private const MRI = ['kind' => 'mri', 'on' => '2026-05-01', 'answers' => [['condition' => 'acl', 'seen' => 'present']]];

    protected function setUp(): void
    {
        parent::setUp();
        config(['exchange.webhook_hosts' => 'records.marsh.example']);
        Http::fake();
    }

    public function test_every_route_answers_each_role_as_the_matrix_says(): void
    {
        $names = array_map(static fn (Route $route): ?string => $route->getName(), self::routes());
        self::assertEqualsCanonicalizing(array_keys(self::MATRIX), array_unique($names));
        $lead = $this->member(role: Role::Lead);
        foreach ([Role::Coach, Role::Student, Role::Practitioner, Role::Lead] as $column => $role) {
            $user = User::factory()->memberOf($lead->present()->team, $role)->create();
            [$id, $of] = [null, []];
            foreach (self::routes() as $route) {
                $name = (string) $route->getName();
                // The person who only looked, or was refused, changed nothing that the next one needs.
                if ($id === null) {
                    $id = $this->openedBy($lead);
                    $this->save($id, 'sections/history', ['pop' => true])->assertOk();
                    $this->save($id, 'records/gait/both', ['normal' => true])->assertOk();
                    $of = $this->ofTeam($lead, $user);
                }
                $this->actingAs($user->refresh());
                $answer = $this->json(
                    $route->methods()[0],
                    strtr($this->address($route, $id, $this->athleteOf($lead)->id), $of),
                    $this->askedFor($name, $id),
                );
                $id = $route->methods()[0] === 'GET' || $answer->getStatusCode() >= 400 ? $id : null;
                self::assertSame(self::MATRIX[$name][$column], $answer->getStatusCode(), "{$name} for a {$role->value}");
            }
        }
    }

    /** As a fifth role would be that nobody thought of. */
    public function test_a_role_that_stands_in_no_table_can_do_nothing(): void
    {
        $user = $this->member(role: Role::Practitioner);
        $id = $this->openedBy($user);
        $of = $this->ofTeam($user, $user);
        $athlete = $this->athleteOf($user)->id;
        $this->app?->instance(Abilities::class, new Abilities([Role::Lead->value => Ability::cases()]));
        $refused = 0;
        foreach (self::routes() as $route) {
            $name = (string) $route->getName();
            if (! in_array($name, [...self::OPEN, ...self::OWN], true)) {
                $this->actingAs($user->refresh())->json(
                    $route->methods()[0], strtr($this->address($route, $id, $athlete), $of), $this->askedFor($name, $id),
                )->assertForbidden();
                $refused++;
            }
        }
        self::assertSame(count(self::MATRIX), $refused + count(self::OPEN) + count(self::OWN));
    }

    /**
     * @return array<array-key, mixed>
     */
    private function askedFor(string $name, string $examination): array
    {
        return match ($name) {
            'password.forgotten' => ['email' => 'nobody@fenmoor.example'],
            'password.reset', 'invitation.accept' => ['token' => 'a guess', 'password' => UserFactory::PASSWORD],
            'invitation.show' => ['token' => 'a guess'],
            'password.confirm' => ['password' => UserFactory::PASSWORD],
            'password.update' => ['current' => UserFactory::PASSWORD, 'password' => UserFactory::PASSWORD],
            'second-factor.update', 'second-factor.destroy' => ['code' => '123456'],
            'athletes.store', 'athletes.update' => [
                'name' => 'Ada Own', 'bornOn' => '2001-01-01', 'squad' => 'Judo', 'isAnother' => true,
            ],
            'athletes.tasks.store' => ['title' => 'ring the clinic', 'dueOn' => now()->addDay()->toDateString()],
            'tasks.update' => ['state' => 'done'],
            'proposals.decide' => ['take' => true],
            'imports.preview', 'imports.store' => ['content' => base64_encode("Name;Born;Squad\n".self::newName().';2001-01-01;Judo')],
            'record-imports.preview', 'record-imports.store' => self::file($examination),
            'webhooks.store' => ['address' => 'https://records.marsh.example/told', 'events' => ['examination.signed']],
            'episodes.comparison' => ['before' => 'one', 'after' => 'other'],
            'tokens.store' => ['name' => 'A bridge', 'abilities' => ['read'], 'days' => 30],
            'calendar.update' => ['inWords' => false],
            'calendar.returned' => ['content' => "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:x\r\nEND:VCALENDAR\r\n"],
            'rates' => ['ratios' => ['positive' => 10, 'negative' => 0.2]],
            'examinations.difference' => ['path' => 'plan.play', 'archive' => '0123456789abcdef'],
            'examinations.addenda' => ['words' => 'the other hand'],
            'athlete-files.erase' => ['reason' => 'asked for it'],
            'reference-results.store', 'reference-results.update' => self::MRI,
            'members.update' => ['role' => 'student'],
            'invitations.store' => ['role' => 'student', 'email' => 'bo@fenmoor.example'],
            'team.update' => self::settings(),
            'doctors.store', 'doctors.update' => ['name' => 'Dr Ines Falkner'],
            'letters.update' => self::WORDING,
            'letters.send' => ['version' => 1, 'by' => 'hand'],
            'login' => ['email' => 'nobody@fenmoor.example', 'password' => 'a guess'],
            'athletes.examinations.store' => ['hurtSide' => 'left', 'daysSinceInjury' => 4, 'route' => 'clinic_core'],
            'examinations.sign' => $this->seen($examination),
            'examinations.knee' => ['hurtSide' => 'right', 'daysSinceInjury' => 2, 'version' => 1],
            'examinations.sections.update' => ['key' => Str::ulid(), 'version' => 1, 'payload' => ['pop' => false]],
            'examinations.records.update' => ['key' => Str::ulid(), 'version' => 1, 'payload' => ['normal' => true]],
            'examinations.records.destroy' => ['key' => Str::ulid(), 'version' => 1],
            'weigh' => (array) json_decode((string) file_get_contents(base_path('docs/examples/lachman-and-drawer.json')), true),
            default => [],
        };
    }

    /**
     * A document of an athlete who is there.
     *
     * @return array<string, mixed>
     */
    private static function file(string $examination): array
    {
        $document = Example::document('fresh-cruciate-tear');
        unset($document->ageYears);
        $document->examinedAt = now()->subDay()->subMinutes(random_int(1, 1_000_000))->toIso8601ZuluString();
        $of = Examination::query()->withoutGlobalScopes()->findOrFail($examination);

        return [
            'content' => base64_encode(Json::write($document)), 'athlete' => $of->episode->athlete_id,
            'origin' => 'Marsh clinic', 'expects' => 1,
        ];
    }

    /**
     * What else there is in the team, by the name of its place in an address.
     *
     * @return array<string, string>
     */
    private function ofTeam(User $lead, User $user): array
    {
        $other = User::factory()->memberOf($lead->present()->team)->create();
        $webhook = Webhook::query()->withoutGlobalScopes()->where('team_id', $lead->teamId())->first() ?? Webhook::query()->create([
            'team_id' => $lead->teamId(), 'made_by' => $lead->id, 'address' => 'https://records.marsh.example/told',
            'secret' => 'a secret', 'events' => [WebhookEvent::ExaminationSigned],
        ]);
        $examination = (string) DB::table('examinations')->where('team_id', $lead->teamId())->value('id');
        DB::table('sessions')->insert([
            'id' => $session = Str::random(40), 'user_id' => $user->id, 'payload' => '', 'last_activity' => 0,
        ]);

        return [
            '{membership}' => (string) $other->membership_id,
            '{invitation}' => Invitation::query()->create([
                'team_id' => $lead->teamId(), 'invited_by' => $lead->id, 'email' => 'bo@fenmoor.example',
                'role' => Role::Student, 'token_hash' => Str::random(64), 'expires_at' => now()->addDay(),
            ])->id,
            '{mail}' => Mail::query()->create([
                'team_id' => $lead->teamId(), 'secret' => false, 'recipient' => 'bo@fenmoor.example',
                'subject' => 'Come', 'message' => 'Come in',
            ])->id,
            '{archived}' => tap($this->athleteOf($lead))->delete()->id,
            '{task}' => Task::query()->create([
                'team_id' => $lead->teamId(), 'athlete_id' => $this->athleteOf($lead)->id, 'kind' => TaskKind::ByHand,
                'state' => TaskState::Open, 'content' => ['title' => 'ring', 'why' => '', 'side' => null],
            ])->id,
            '{sentReferral}' => $this->sentReferralOf($lead),
            '{proposal}' => Proposal::query()->create([
                'team_id' => $lead->teamId(), 'athlete_id' => $this->athleteOf($lead)->id, 'kind' => ProposalKind::FollowUp,
                'state' => ProposalState::Open, 'content' => ['title' => 'ring', 'dueOn' => '2026-12-01'],
                'made_by' => $user->role() === Role::Student ? $user->id : $other->id,
            ])->id,
            '{import}' => Import::query()->create(['team_id' => $lead->teamId(), 'state' => ImportState::Done, 'total' => 0, 'done' => 0])->id,
            '{attachment}' => $this->fileOf($lead)->id,
            '{removedFile}' => tap($this->fileOf($lead))->delete()->id,
            '{letter}' => $this->letterOf($examination),
            '{discarded}' => tap(Letter::query()->withoutGlobalScopes()->findOrFail($this->letterOf($examination)))->delete()->id,
            '{doctor}' => $this->doctorOf($lead)->id,
            '{removedDoctor}' => tap($this->doctorOf($lead))->delete()->id,
            '{anyone}' => $this->athleteOf($lead)->id,
            '{recordImport}' => RecordImport::query()->create([
                'team_id' => $lead->teamId(), 'made_by' => $lead->id, 'state' => ImportState::Done, 'total' => 0, 'origin' => 'Marsh',
            ])->id,
            '{webhook}' => $webhook->id,
            '{delivery}' => $webhook->deliveries()->create([
                'event' => WebhookEvent::Test, 'body' => '{}', 'state' => DeliveryState::Failed,
            ])->id,
            '{tableExport}' => TableExport::query()->create([
                'team_id' => $lead->teamId(), 'asked_by' => $lead->id, 'state' => TableExportState::Ready, 'total' => 0, 'bytes' => 0,
            ])->id,
            '{apiToken}' => app(ApiTokens::class)->make($user, 'A bridge', [TokenAbility::Read], 30, false)[0]->id,
            '{export}' => Export::query()->create([
                'team_id' => $lead->teamId(), 'athlete_id' => $this->athleteOf($lead)->id, 'asked_by' => $lead->id,
                'state' => ExportState::Ready, 'bytes' => 0,
            ])->id,
            '{episode}' => $this->episodeOf($lead)->id,
            '{result}' => $this->outcomeOf($lead)->id,
            '{removed}' => tap($this->outcomeOf($lead))->delete()->id,
            '{team}' => $lead->teamId(),
            '{session}' => substr(hash('sha256', $session), 0, 26),
        ];
    }

    public function test_every_route_has_a_name(): void
    {
        foreach (self::routes() as $route) {
            self::assertNotNull($route->getName(), $route->uri());
        }
        self::assertGreaterThan(15, count(self::routes()));
    }

    public function test_nobody_unknown_gets_past_the_door(): void
    {
        $id = $this->openedBy($this->member());
        Auth::logout();
        foreach (self::routes() as $route) {
            if (! in_array($route->getName(), self::OPEN, true)) {
                $this->json($route->methods()[0], $this->address($route, $id, $id))
                    ->assertUnauthorized()->assertExactJson(['error' => ['path' => '', 'reason' => 'Log in first.']]);
            }
        }
    }

    public function test_for_another_team_a_record_does_not_exist(): void
    {
        $theirs = $this->member();
        [$id, $athlete] = [$this->openedBy($theirs), $this->athleteOf($theirs)];
        $of = $this->ofTeam($theirs, $theirs);
        $this->actingAs($this->member('Marsh End Judo', Role::Lead));
        $tried = 0;
        foreach (self::routes() as $route) {
            if ($route->parameterNames() !== [] && $route->getName() !== 'nothing') {
                $this->json(
                    $route->methods()[0],
                    strtr($this->address($route, $id, $athlete->id), $of),
                    ['key' => 'abcdefgh', 'version' => 0, 'payload' => [], 'role' => 'student', 'hurtSide' => 'left', 'daysSinceInjury' => 1, 'state' => 'done',
                        'title' => 'ring', 'dueOn' => now()->toDateString(), 'words' => 'the other hand', 'reason' => 'asked for it', 'before' => 'one', 'after' => 'other', ...self::MRI, 'name' => 'Ada Own', 'bornOn' => '2001-01-01', 'squad' => 'Judo'],
                )
                    ->assertNotFound()->assertExactJson(['error' => [
                        'path' => '',
                        'reason' => 'This was not found, or you may not see it.',
                    ]]);
                $tried++;
            }
        }
        self::assertGreaterThan(12, $tried);
    }

    public function test_a_student_records_and_does_not_sign(): void
    {
        $lead = $this->member();
        $student = User::factory()->memberOf(Team::query()->findOrFail($lead->teamId()), Role::Student)->create();
        $id = $this->openedBy($student);
        $this->postJson("/api/examinations/{$id}/signature", $this->seen($id))->assertForbidden()->assertJsonPath(
            'error.reason',
            'A student cannot sign.',
        );
        $this->actingAs($lead)->postJson("/api/examinations/{$id}/signature", $this->seen($id))->assertOk();
    }

    private function episodeOf(User $user): Episode
    {
        return Episode::query()->create(['athlete_id' => $this->athleteOf($user)->id, 'hurt_side' => Side::Left]);
    }

    private function fileOf(User $user): Attachment
    {
        $result = $this->outcomeOf($user);

        return Attachment::query()->create([
            'team_id' => $user->teamId(), 'athlete_id' => $result->athlete_id, 'reference_result_id' => $result->id,
            'name' => 'report.pdf', 'type' => FileType::Pdf, 'bytes' => 0,
        ]);
    }

    private function doctorOf(User $user): Doctor
    {
        return Doctor::query()->create(['team_id' => $user->teamId(), 'content' => array_fill_keys(
            ['name', 'field', 'practice', 'address', 'email', 'phone'], '',
        )]);
    }

    private function outcomeOf(User $user): ReferenceResult
    {
        $episode = $this->episodeOf($user);

        return ReferenceResult::query()->create([
            'team_id' => $user->teamId(), 'athlete_id' => $episode->athlete_id, 'episode_id' => $episode->id,
            'kind' => ReferenceKind::Mri, 'seen_on' => now(), 'content' => ['answers' => [], 'weeks' => null, 'note' => ''],
        ]);
    }

    /**
     * @return list<Route>
     */
    private static function routes(): array
    {
        return array_values(array_filter(
            Router::getRoutes()->getRoutes(),
            static fn (Route $route): bool => str_starts_with($route->uri(), 'api/'),
        ));
    }

    private function address(Route $route, string $examination, string $athlete): string
    {
        return strtr($route->uri(), [
            '{examination}' => $examination,
            '{athlete}' => $athlete,
            '{section}' => 'history',
            '{manoeuvre}' => 'gait',
            '{side}' => 'both',
        ]);
    }

    private function sentReferralOf(User $user): string
    {
        $athlete = $this->athleteOf($user)->id;
        $task = Task::query()->create([
            'team_id' => $user->teamId(), 'athlete_id' => $athlete, 'kind' => TaskKind::Referral, 'state' => TaskState::Sent,
            'content' => ['title' => 'MRI', 'why' => '', 'side' => 'left'],
        ]);

        return SentReferral::query()->create([
            'team_id' => $user->teamId(), 'athlete_id' => $athlete, 'task_id' => $task->id, 'state' => ReferralState::Declined,
            'request' => '{}',
        ])->id;
    }

    /** Of letters alone: two short words in common would make another athlete a similar one. */
    private static function newName(): string
    {
        return strtr(Str::random(16), '0123456789', 'ghijklmnop');
    }
}
