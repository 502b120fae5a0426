<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Models\User;
use App\Platform\Audit\AuditEntry;
use App\Platform\Encryption\KeyCheck;
use Illuminate\Database\QueryException;
use Illuminate\Encryption\Encrypter;
use Illuminate\Routing\RouteCollection;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use PDOException;

/** What stands open, to whom, and what is said when something is away. */
final class DoorsTest extends FeatureTestCase
{
    public function test_the_health_door_says_what_lives(): void
    {
        $this->getJson('/health')->assertOk()->assertExactJson(
            ['application' => true, 'database' => true, 'interface' => true, 'disk' => 'enough'],
        );
        $database = DB::getFacadeRoot();
        DB::swap(new class
        {
            public function select(): never
            {
                throw new PDOException('gone');
            }
        });
        $answer = $this->getJson('/health');
        DB::swap($database);
        $answer->assertStatus(503)->assertJsonPath('database', false);
    }

    public function test_a_row_that_another_holds_is_answered_as_busy_and_not_as_broken(): void
    {
        $held = new PDOException('Lock wait timeout exceeded');
        $held->errorInfo = ['HY000', 1205, 'Lock wait timeout exceeded'];
        Route::get('api/held', static fn () => throw new QueryException('mariadb', 'SELECT 1', [], $held))->name('nothing');
        // The newest route stands after the one that answers everything else.
        $routes = Route::getRoutes();
        Route::setRoutes(tap(new RouteCollection, static function (RouteCollection $first) use ($routes): void {
            foreach (array_reverse($routes->getRoutes()) as $route) {
                $first->add($route);
            }
        }));
        $this->getJson('/api/held')->assertStatus(503)->assertHeader('Retry-After', '3')->assertExactJson(
            ['error' => ['path' => '', 'reason' => 'The database is busy: try again in a moment.']],
        );
    }

    public function test_nothing_written_in_the_page_itself_runs_or_styles(): void
    {
        $answer = $this->get('/');
        self::assertStringNotContainsString('unsafe', (string) $answer->headers->get('Content-Security-Policy'));
        self::assertStringNotContainsString('<style', (string) $answer->getContent());
        $answer->assertHeaderMissing('Strict-Transport-Security');
        config(['session.secure' => true]);
        $this->get('/')->assertHeader('Strict-Transport-Security');
    }

    public function test_the_word_of_a_named_tls_end_on_the_visitor_is_taken_and_of_nobody_else(): void
    {
        $from = function (): string {
            $this->withHeader('X-Forwarded-For', '192.0.2.7')->postJson(
                '/api/login',
                ['email' => 'nobody@fenmoor.example', 'password' => 'a guess'],
            );

            return AuditEntry::query()->orderByDesc('id')->firstOrFail()->address;
        };
        self::assertSame('127.0.0.1', $from());
        config(['trustedproxy.proxies' => ['127.0.0.1']]);
        self::assertSame('192.0.2.7', $from());
    }

    public function test_a_weighing_is_bounded_by_what_it_costs(): void
    {
        $this->actingAs($this->member());
        $row = ['sensitivity' => 0.8, 'specificity' => 0.8];
        $problem = static fn (int $conditions, int $results): array => [
            'conditions' => array_map(static fn (int $n): array => ['id' => "c{$n}", 'pretest' => 0.2], range(1, $conditions)),
            'associations' => [],
            'groups' => [['id' => 'g', 'echo' => 0.5, 'results' => array_map(static fn (int $n): array => [
                'finding' => "f{$n}",
                'outcome' => 'positive',
                'targets' => array_fill_keys(array_map(static fn (int $c): string => "c{$c}", range(1, $conditions)), $row),
            ], range(1, $results))]],
            'candidates' => [],
        ];
        $this->postJson('/api/weigh', $problem(10, 60))->assertOk();
        $this->postJson('/api/weigh', $problem(10, 61))->assertStatus(422)->assertJsonPath(
            'error.reason',
            'too much to weigh at once: 6100 of at most 6000 (conditions times targets of results and candidates)',
        );
        $this->postJson('/api/weigh', ['conditions' => 7, 'groups' => [1], 'candidates' => 'x'])->assertStatus(422);
    }

    public function test_what_is_typed_is_kept_to_the_letter(): void
    {
        $this->actingAs($user = $this->member());
        $id = $this->openedBy($user);
        $this->putJson("/api/examinations/{$id}/sections/episode", [
            'key' => 'as-it-was-typed', 'version' => 0, 'payload' => ['whatHappened' => '  slipped  '],
        ])->assertOk();
        $sections = $this->getJson("/api/examinations/{$id}")->json('sections');
        self::assertIsArray($sections);
        self::assertContains(['whatHappened' => '  slipped  '], array_column($sections, 'payload'));
    }

    public function test_a_key_that_does_not_open_the_records_is_told_and_touches_nothing(): void
    {
        $check = new KeyCheck;
        self::assertTrue($check->passes());
        $encrypted = DB::table('key_checks')->get()->all();
        Crypt::swap(new Encrypter(random_bytes(32), 'AES-256-CBC'));
        self::assertFalse($check->passes());
        self::assertSame(1, $this->artisan('keys:check'));
        self::assertEquals($encrypted, DB::table('key_checks')->get()->all());
    }

    public function test_records_from_before_there_was_a_check_speak_for_their_key(): void
    {
        $this->athleteOf($this->member());
        DB::table('key_checks')->delete();
        config(['app.key' => 'base64:'.base64_encode(random_bytes(32))]);
        $this->app->forgetScopedInstances();
        self::assertFalse((new KeyCheck)->passes());
        self::assertSame(0, DB::table('key_checks')->count());
        self::assertInstanceOf(User::class, User::query()->first());
    }
}
