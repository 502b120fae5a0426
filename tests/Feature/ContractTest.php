<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Models\Team;
use App\Access\Models\User;
use App\Access\Values\Role;
use App\Clinic\Models\Snapshot;
use Database\Factories\UserFactory;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Route as Router;
use Opis\JsonSchema\Validator;

/** What is answered is what contract/openapi.yaml says. */
final class ContractTest extends FeatureTestCase
{
    use AccountPromises;
    use LetterPromises;
    use ProposalPromises;

    private const DIFFERENCE = ['path' => 'plan.play', 'archive' => '0123456789abcdef'];

    /** What someone may ask for who is not logged in. */
    private const OPEN = [
        '/api/login', '/api/password/forgotten', '/api/password/reset', '/api/invitation/look', '/api/invitation',
    ];

    public function test_every_route_gives_every_answer_that_the_contract_names(): void
    {
        $user = $this->member(role: Role::Lead);
        $athlete = $this->athleteOf($user);
        $this->getJson('/api/me')->assertOk();
        $this->visitors($athlete->id);
        $id = $this->openedBy($user);
        $this->readers($id, $athlete->id);
        $this->savers($id);
        $this->signers($id, $user);
        $this->strangers($id, $athlete->id);
        $this->oldPages($id, $athlete->id, $user);
        $this->athletes($user);
        $this->referenceResults($id);
        $this->records($user);
        $this->imports();
        $this->recordImports();
        $this->webhooks();
        $this->sentReferrals();
        $this->letters($id, $user);
        $this->proposals($id, $user);
        $this->calendars($athlete->id);
        $this->tokens();
        $this->accounts($user);
        $this->teams($user);
        $this->coaches($id, $athlete->id, $user);

        // An answer that the contract does not name has failed before, see Contract::assertKept().
        self::assertSame([], array_values(array_diff(Contract::it()->promises(), array_keys($this->kept))), 'named and never given');
    }

    /** Nobody is logged in. */
    private function visitors(string $athlete): void
    {
        foreach (self::changes('01ARZ3NDEKTSV4RRFFQ69G5FAV', $athlete) as [$method, $uri]) {
            \in_array($uri, self::OPEN, true) || $this->json($method, $uri)->assertUnauthorized();
        }
        foreach (self::pages('01ARZ3NDEKTSV4RRFFQ69G5FAV', $athlete) as $uri) {
            $this->getJson($uri)->assertUnauthorized();
        }
        $this->postJson('/api/login', ['email' => 'nobody@fenmoor.example'])->assertStatus(422);
        for ($try = 0; $try < 11; $try++) {
            $last = $this->postJson('/api/login', ['email' => 'nobody@fenmoor.example', 'password' => 'a guess']);
        }
        $last->assertStatus(429);
    }

    private function readers(string $id, string $athlete): void
    {
        $this->save(
            $id,
            'records/lachman/left',
            ['differenceBand' => 'clear', 'checks' => ['hamstringsRelaxed' => true]],
        )->assertOk();
        $this->save($id, 'records/effusion_sweep/left', ['grade' => 'bulge'])->assertOk();
        $this->save($id, 'sections/history', ['mechanism' => ['twist_on_planted_foot'], 'pop' => true])->assertOk();
        foreach (self::pages($id, $athlete) as $uri) {
            str_contains($uri, '{') || $this->getJson($uri)->assertSuccessful();
        }
        $problem = (string) $this->getJson("/api/examinations/{$id}/weighing")->content();
        $this->call('POST', '/api/weigh?condition=acl&order=lachman', content: $problem)->assertOk();
        foreach (['/api/audit-log', '/api/audit-log.csv'] as $uri) {
            $this->getJson("{$uri}?event=unheard_of")->assertStatus(422);
        }
        $this->getJson('/api/athletes.csv?separator=tab')->assertStatus(422);
        $this->postJson('/api/weigh', ['conditions' => []])->assertStatus(422);
        $this->postJson('/api/rates', ['counts' => [
            'truePositive' => 85, 'falsePositive' => 6, 'falseNegative' => 15, 'trueNegative' => 94,
        ]])->assertOk()->assertJsonPath('sensitivity', 0.85)->assertJsonPath('specificity', 0.94);
        $this->postJson('/api/rates', ['ratios' => ['positive' => 1, 'negative' => 0.5]])->assertStatus(422)
            ->assertJsonPath('error.path', 'ratios.positive');
        $this->postJson('/api/rates')->assertStatus(422);
        $this->getJson('/api/today?page=0')->assertStatus(422);
        $this->postJson(
            "/api/athletes/{$athlete}/examinations",
            ['hurtSide' => 'both', 'daysSinceInjury' => 1, 'route' => 'clinic_core'],
        )->assertStatus(422);
    }

    private function tokens(): void
    {
        $made = $this->postJson('/api/tokens', ['name' => 'A bridge', 'abilities' => ['read'], 'days' => 30])->assertCreated();
        $tables = (string) $this->postJson('/api/table-exports')->assertStatus(202)->json('id');
        $this->getJson("/api/table-exports/{$tables}")->assertOk();
        $this->getJson("/api/table-exports/{$tables}/file")->assertOk();
        foreach (['', '/file'] as $of) {
            $this->getJson("/api/table-exports/01ARZ3NDEKTSV4RRFFQ69G5FAV{$of}")->assertNotFound();
        }
        $this->postJson('/api/table-exports', [], ['Idempotency-Key' => 'short'])->assertStatus(422);
        $this->postJson('/api/tokens', ['name' => '', 'abilities' => ['read'], 'days' => 30])->assertStatus(422);
        $this->deleteJson("/api/tokens/{$made->json('id')}")->assertNoContent();
        $this->deleteJson("/api/tokens/{$made->json('id')}")->assertNotFound();
    }

    private function savers(string $id): void
    {
        $knee = ['hurtSide' => 'left', 'daysSinceInjury' => 5, 'version' => 1];
        $this->putJson("/api/examinations/{$id}/knee", $knee)->assertOk();
        $this->putJson("/api/examinations/{$id}/knee", $knee)->assertStatus(409);
        $this->putJson("/api/examinations/{$id}/knee", ['hurtSide' => 'both'])->assertStatus(422);
        $this->save($id, 'sections/safety', [...self::CLEAR, 'footDropped' => true], 1)->assertOk();
        $this->save($id, 'sections/safety', self::CLEAR, 1)->assertStatus(409);
        $this->save($id, 'sections/safety', ['unheardOf' => true], 2)->assertStatus(422);
        $this->save(
            $id,
            'records/valgus_30/left',
            ['differenceBand' => 'same'],
        )->assertStatus(422)->assertJsonStructure(['hold']);
        $this->save($id, 'records/lachman/left', ['normal' => true], 0)->assertStatus(409);
        $take = static fn (int $version): array => ['key' => bin2hex(random_bytes(8)), 'version' => $version];
        $this->deleteJson("/api/examinations/{$id}/records/lachman/left", $take(0))->assertStatus(409);
        $this->deleteJson("/api/examinations/{$id}/records/lachman/left", ['version' => 1])->assertStatus(422);
        $this->deleteJson("/api/examinations/{$id}/records/lachman/left", $take(1))->assertOk();
    }

    private function signers(string $id, User $user): void
    {
        $hot = $this->examinationBy($user);
        $this->save($hot, 'sections/opening', ['consentGiven' => true])->assertOk();
        $this->save($hot, 'records/warmth/left', ['warmer' => true])->assertOk();
        $this->save($hot, 'records/effusion_sweep/left', ['grade' => 'bulge'])->assertOk();
        $this->postJson("/api/examinations/{$hot}/signature", $this->seen($hot))->assertStatus(422);
        $this->postJson("/api/examinations/{$id}/signature", ['revision' => 9999])->assertStatus(409);
        $student = User::factory()->memberOf(Team::query()->findOrFail($user->teamId()), Role::Student)->create();
        $this->handTo($student, $id);
        $this->actingAs($student);
        $this->getJson('/api/audit-log')->assertForbidden();
        $this->getJson('/api/audit-log.csv')->assertForbidden();
        $this->save($id, 'sections/safety', self::CLEAR, 2)->assertForbidden();
        $this->putJson("/api/examinations/{$id}/knee", ['hurtSide' => 'left', 'daysSinceInjury' => 5, 'version' => 2])->assertForbidden();
        $this->save($id, 'records/effusion_sweep/left', ['grade' => 'trace'], 1)->assertForbidden();
        $this->deleteJson(
            "/api/examinations/{$id}/records/effusion_sweep/left",
            ['key' => 'not-their-own', 'version' => 1],
        )->assertForbidden();
        $this->postJson("/api/examinations/{$id}/signature", $this->seen($id))->assertForbidden();
        $this->postJson("/api/examinations/{$id}/addenda", ['words' => 'the other hand'])->assertForbidden();
        $this->postJson("/api/examinations/{$id}/correction")->assertForbidden();
        $this->postJson("/api/examinations/{$id}/differences", self::DIFFERENCE)->assertNoContent();
        $this->postJson("/api/examinations/{$id}/differences", ['path' => 'the plan'])->assertStatus(422);
        $this->postJson("/api/examinations/{$id}/countersignature")->assertNoContent();
        $this->actingAs($user)->postJson("/api/examinations/{$id}/signature", $this->seen($id))->assertOk();
        $this->postJson("/api/examinations/{$hot}/addenda", ['words' => 'the other hand'])->assertStatus(422);
        $this->postJson("/api/examinations/{$hot}/correction")->assertStatus(422);
        $this->postJson("/api/examinations/{$id}/addenda", ['words' => 'the other hand'])->assertCreated();
        $this->postJson("/api/examinations/{$id}/correction")->assertCreated();
        Snapshot::query()->where('examination_id', $id)->update(['problem' => null]);
        $this->getJson("/api/examinations/{$id}/weighing")->assertStatus(410);
        foreach (self::changes($id, '') as [$method, $uri, $body]) {
            if (str_contains($uri, $id) && preg_match('/(addenda|correction|differences|letters|page)$/', $uri) !== 1) {
                $this->json($method, $uri, $body)->assertStatus(423);
            }
        }
    }

    private function strangers(string $id, string $athlete): void
    {
        $this->actingAs($this->member('Marsh End Judo'));
        foreach ([
            ...self::changes($id, $athlete), ...array_map(
                static fn (string $uri): array => ['GET', $uri, []], self::pages($id, $athlete),
            ),
        ] as [
            $method,
            $uri,
            $body,
        ]) {
            if (str_contains($uri, $id) || str_contains($uri, $athlete)) {
                $this->json($method, $uri, $body)->assertNotFound();
            }
        }
    }

    /** Changes that carry no token, or an old one. */
    private function oldPages(string $id, string $athlete, User $user): void
    {
        $this->actingAs($user);
        $this->app['env'] = 'local';
        foreach (self::changes($id, $athlete) as [$method, $uri, $body]) {
            $this->json($method, $uri, $body)->assertStatus(419);
        }
        $this->app['env'] = 'testing';
        Auth::logout();
        $this->postJson('/api/login', ['email' => $user->email, 'password' => UserFactory::PASSWORD])->assertOk();
        $this->postJson('/api/logout')->assertNoContent();
        $user->forceFill(['factor' => 'AAAA'])->save();
        $this->postJson('/api/login', ['email' => $user->email, 'password' => UserFactory::PASSWORD])->assertForbidden();
        $user->forceFill(['factor' => null])->save();
    }

    /**
     * @return list<array{string, string, array<string, mixed>}> method, address, body
     */
    private static function changes(string $id, string $athlete): array
    {
        return [
            ['POST', '/api/login', ['email' => 'physio@fenmoor.example', 'password' => 'x']],
            ['POST', '/api/logout', []],
            ...self::recordChanges($id, $athlete), ...self::accountChanges(), ...self::teamChanges(),
        ];
    }

    /**
     * @return list<array{string, string, array<string, mixed>}> method, address, body
     */
    private static function recordChanges(string $id, string $athlete): array
    {
        $part = ['key' => 'a key of its own', 'version' => 0, 'payload' => (object) []];
        $facts = ['name' => 'Ada Own', 'bornOn' => '2001-01-01', 'squad' => 'Judo'];

        return [
            ['POST', '/api/athletes', $facts],
            ['PUT', "/api/athletes/{$athlete}", $facts],
            ['DELETE', "/api/athletes/{$athlete}", []],
            ['POST', "/api/athletes/{$athlete}/restoration", []],
            ['POST', "/api/athletes/{$athlete}/tasks", ['title' => 'ring', 'dueOn' => now()->toDateString()]],
            ['PUT', '/api/tasks/{task}', ['state' => 'done']],
            ['POST', '/api/tasks/{task}/sent-referral', []],
            ['POST', '/api/sent-referrals/{sentReferral}/again', []],
            ['POST', '/api/sent-referrals/{sentReferral}/result', []],
            ...self::proposalChanges(),
            ['PUT', '/api/calendar', ['inWords' => false]],
            ['DELETE', '/api/calendar', []],
            ['POST', '/api/calendar/returned', ['content' => "BEGIN:VCALENDAR\r\nEND:VCALENDAR\r\n"]],
            ['POST', '/api/imports', self::SHEET],
            ['POST', '/api/imports/preview', self::SHEET],
            ['DELETE', '/api/imports/{import}', []],
            ['POST', '/api/today', ['search' => 'x']],
            ['POST', '/api/athletes/{anyone}/archive', []],
            ['DELETE', '/api/athletes/{anyone}/record', ['reason' => 'asked for it']],
            ['POST', '/api/episodes/{episode}/reference-results', self::MRI],
            ['PUT', '/api/reference-results/{result}', self::MRI],
            ['DELETE', '/api/reference-results/{result}', []],
            ['POST', '/api/reference-results/{removed}/restoration', []],
            [
                'POST',
                "/api/athletes/{$athlete}/examinations",
                ['hurtSide' => 'left', 'daysSinceInjury' => 4, 'route' => 'clinic_core'],
            ],
            ['POST', "/api/examinations/{$id}/signature", ['revision' => 0]],
            ['POST', "/api/examinations/{$id}/differences", self::DIFFERENCE],
            ['POST', "/api/examinations/{$id}/countersignature", []],
            ['POST', "/api/examinations/{$id}/addenda", ['words' => 'the other hand']],
            ['POST', "/api/examinations/{$id}/correction", []],
            ['POST', "/api/examinations/{$id}/other-knee", []],
            ['PUT', "/api/examinations/{$id}/knee", ['hurtSide' => 'left', 'daysSinceInjury' => 4, 'version' => 1]],
            ['PUT', "/api/examinations/{$id}/sections/opening", $part],
            ['PUT', "/api/examinations/{$id}/records/gait/both", $part],
            ['DELETE', "/api/examinations/{$id}/records/gait/both", $part],
            ['POST', '/api/record-imports', self::FILE],
            ['POST', '/api/record-imports/preview', self::FILE],
            ['DELETE', '/api/record-imports/{recordImport}', []],
            ['POST', '/api/table-exports', []],
            ['POST', '/api/tokens', []],
            ['DELETE', '/api/tokens/{apiToken}', []],
            ['POST', '/api/weigh', []],
            ['POST', '/api/rates', []],
            ...self::letterChanges($id),
        ];
    }

    /**
     * @return list<string>
     */
    private static function pages(string $id, string $athlete): array
    {
        return [
            ...self::letterPages($id), '/api/ping', '/api/calendar', '/api/tasks/{task}/calendar', '/api/imports', '/api/imports/{import}', '/api/athletes.csv', '/api/exports/{export}', '/api/exports/{export}/file', '/api/episodes/{episode}', '/api/episodes/{episode}/course', '/api/episodes/{episode}/comparison?before=a&after=b', '/api/board', '/api/squads', '/api/athletes', '/api/athletes/archived', '/api/record-imports', '/api/record-imports/{recordImport}', '/api/webhooks', '/api/webhooks/{webhook}/deliveries', '/api/table-exports/{tableExport}', '/api/table-exports/{tableExport}/file', '/api/sessions', '/api/tokens', '/api/members', '/api/mails', '/api/mails/{mail}', '/api/today', '/api/catalogue',
            '/api/audit-log', '/api/audit-log.csv', "/api/athletes/{$athlete}", "/api/athletes/{$athlete}/past", "/api/examinations/{$id}",
            "/api/examinations/{$id}/document",
            "/api/athletes/{$athlete}/sent-referrals",
            "/api/examinations/{$id}/bundle",
            "/api/athletes/{$athlete}/bundle",
            "/api/examinations/{$id}/summary.pdf",
            "/api/examinations/{$id}/weighing",
            "/api/examinations/{$id}/athlete-text",
        ];
    }

    public function test_the_schemas_are_what_the_shapes_say(): void
    {
        self::assertSame(0, Artisan::call('contract:generate', ['--check' => true]), Artisan::output());
    }

    public function test_every_route_stands_in_the_contract_and_nothing_else_does(): void
    {
        $routes = [];
        foreach (Router::getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'api/') && $route->getName() !== 'nothing') {
                $routes[] = "{$route->methods()[0]} /{$route->uri()}";
            }
        }
        $promised = array_map(
            static fn (string $promise): string => substr($promise, 0, (int) strrpos($promise, ' ')),
            Contract::it()->promises(),
        );
        self::assertEqualsCanonicalizing(array_values(array_unique($promised)), $routes);
    }

    public function test_the_open_document_matches_the_schema_made_from_the_catalogue(): void
    {
        $id = $this->openedBy($this->member());
        $this->save(
            $id,
            'records/mcmurray/left',
            ['cells' => [['rotation' => 'outward', 'stress' => 'varus', 'click' => true]]],
        )->assertOk();
        $this->save($id, 'sections/history', ['swellingOnset' => 'none'])->assertOk();
        $schema = json_decode((string) file_get_contents(__DIR__.'/../../contract/examination.schema.json'));
        $document = json_decode((string) $this->getJson("/api/examinations/{$id}/document")->content());
        self::assertTrue((new Validator)->validate($document, $schema)->isValid());
        $bench = json_decode((string) file_get_contents(__DIR__.'/../../examples/whole-clinic-route.json'));
        self::assertTrue((new Validator)->validate($bench, $schema)->isValid());
        $bench->baseline = (object) ['on' => '2026-01-02', 'findings' => [clone $bench->findings[0]]];
        self::assertTrue((new Validator)->validate($bench, $schema)->isValid());
        $bench->baseline->findings[0]->heelRises = true;
        self::assertFalse((new Validator)->validate($bench, $schema)->isValid());
        unset($bench->baseline);
        $bench->findings[0]->heelRises = true;
        self::assertFalse((new Validator)->validate($bench, $schema)->isValid());
    }

    public function test_what_was_signed_by_earlier_rules_can_still_be_read(): void
    {
        $id = $this->openedBy($this->member());
        $this->save($id, 'records/lachman/left', ['differenceBand' => 'clear'])->assertOk();
        $this->postJson("/api/examinations/{$id}/signature", $this->seen($id))->assertOk();
        $snapshot = Snapshot::query()->where('examination_id', $id)->firstOrFail();
        $then = $snapshot->payload;
        unset(
            $then['setting'],
            $then['nothingChanges'],
            $then['earlierFinding'],
            $then['plan']['availability'],
            $then['plan']['advice'],
            $then['plan']['matters'],
            $then['route']['core'],
            $then['route']['tooShort'],
        );
        $then['safety'] = array_intersect_key(
            $then['safety'],
            ['gateOpen' => 0, 'lines' => 0, 'blocked' => 0, 'blockedBy' => 0],
        );
        $without = static fn (array $rows, string ...$keys): array => array_map(
            static fn (array $row): array => array_diff_key($row, array_flip($keys)),
            $rows,
        );
        $then['conditions'] = $without($then['conditions'], 'bare', 'raised', 'seriousness');
        $then['results'] = $without($then['results'], 'level', 'againstRule');
        $then['measurements'] = $without($then['measurements'], 'level');
        $then['trace'] = $without($then['trace'], 'level');
        $then['plan']['sendOn'] = $without($then['plan']['sendOn'], 'question', 'code');
        unset($then['plan']['support']['range'], $then['plan']['words']);
        $then['plan']['lookAgain'] = ['from' => 3, 'to' => 8, 'why' => 'so it was'];
        $snapshot->update(['payload' => $then]);
        $shown = $this->getJson("/api/examinations/{$id}")->assertOk();
        self::assertSame('In 3 to 8 days.', $shown->json('assessment.plan.lookAgain.say'));
        $this->get("/api/examinations/{$id}/summary.pdf")->assertOk();
    }
}
