<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Accounts\KnownDevice;
use App\Access\Values\Role;
use App\Clinic\AthleteFiles\PruneExpired;
use App\Clinic\AthleteFiles\TemporaryFolder;
use App\Clinic\Models\Export;
use App\Clinic\Values\ExportState;
use App\Club\Models\Athlete;
use App\Platform\Database\RowHeld;
use App\Platform\Database\Turn;
use App\Platform\Mail\Mail;
use Database\Factories\UserFactory;
use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Http\Request;
use Illuminate\Routing\Route as RegisteredRoute;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Monolog\Handler\TestHandler;
use Monolog\LogRecord;
use PDOException;
use PHPUnit\Framework\Attributes\DataProvider;
use RuntimeException;

/** What a second attack on the running product found; each stays closed. */
final class TrustTest extends FeatureTestCase
{
    use LetterPromises;

    private const OWN = 'http://knees.fenmoor.example:8200';

    private const FOREIGN = ['Host' => 'evil.example', 'X-Forwarded-Host' => 'evil.example'];

    protected function setUp(): void
    {
        putenv('APP_URL='.self::OWN);
        $_ENV['APP_URL'] = $_SERVER['APP_URL'] = self::OWN;
        parent::setUp();
    }

    protected function tearDown(): void
    {
        putenv('APP_URL');
        unset($_ENV['APP_URL'], $_SERVER['APP_URL']);
        parent::tearDown();
    }

    public function test_a_refused_access_leaves_a_line_without_a_value_and_a_flood_leaves_no_more_than_sixty(): void
    {
        $coach = $this->member(role: Role::Coach);
        $this->actingAs($coach);
        config(['logging.default' => 'kept', 'logging.channels.kept' => ['driver' => 'monolog', 'handler' => TestHandler::class]]);
        $kept = app('log')->channel()->getLogger()->getHandlers()[0];
        self::assertInstanceOf(TestHandler::class, $kept);
        $lines = static fn (): array => array_column(array_map(static fn (LogRecord $line): array => $line->toArray(), $kept->getRecords()), 'message');
        $this->getJson('/api/members')->assertForbidden();
        $this->getJson('/api/athletes/01m8c2h550mznvh0tzzpmpf10x')->assertNotFound();
        $this->getJson('/api/page', ['X-Page-Token' => 'guessed-token'])->assertNotFound();
        $this->getJson('/api/me')->assertOk();
        self::assertSame([
            "refused 403 GET api/members, account {$coach->id}, from 127.0.0.1",
            "refused 404 GET api/athletes/{athlete}, account {$coach->id}, from 127.0.0.1",
            "refused 404 GET api/page, account {$coach->id}, from 127.0.0.1",
        ], $lines());
        for ($try = 0; $try < 70; $try++) {
            $this->getJson('/api/members');
        }
        self::assertCount(60, $lines());
    }

    public function test_no_address_that_leaves_follows_the_host_of_a_request(): void
    {
        $lead = $this->member(role: Role::Lead);
        $this->withHeaders(self::FOREIGN)->postJson('http://evil.example/api/password/forgotten', ['email' => $lead->email])->assertStatus(202);
        $signed = $this->openedBy($lead);
        $this->postJson("/api/examinations/{$signed}/signature", $this->seen($signed))->assertOk();
        $this->putJson('/api/team', self::settings(['sharesPages' => true]))->assertNoContent();
        $this->actingAs($lead->refresh());
        $told = [
            $this->postJson('http://evil.example/api/invitations', ['email' => 'bo@fenmoor.example', 'role' => 'student'])->json('address'),
            $this->putJson('http://evil.example/api/calendar', ['inWords' => true])->json('address'),
            $this->postJson("http://evil.example/api/examinations/{$signed}/page")->json('address'),
        ];
        foreach ($told as $address) {
            self::assertStringStartsWith(self::OWN.'/', (string) $address);
        }
        $mails = Mail::query()->withoutGlobalScopes()->get()->map(static fn (Mail $mail): string => quoted_printable_decode($mail->message));
        self::assertCount(2, $mails->filter(static fn (string $text): bool => str_contains($text, self::OWN.'/')));
        $this->postJson("/api/athletes/{$this->athleteOf($lead)->id}/tasks", ['title' => 'ring', 'dueOn' => now()->toDateString()])->assertCreated();
        $calendar = (string) $this->get('http://evil.example'.parse_url((string) $told[1], PHP_URL_PATH))->assertOk()->content();
        self::assertStringContainsString('URL;VALUE=URI:'.self::OWN, str_replace("\r\n ", '', $calendar));
        self::assertStringNotContainsString('evil.example', $mails->implode("\n").$calendar);
    }

    /**
     * @return iterable<string, array{string, array<string, mixed>}>
     */
    public static function makers(): iterable
    {
        yield 'athlete' => ['/api/athletes', ['name' => 'Ada Own', 'bornOn' => '2001-01-01', 'squad' => 'Judo']];
        yield 'task' => ['/api/athletes/{athlete}/tasks', ['title' => 'ring', 'dueOn' => '{today}']];
        yield 'doctor' => ['/api/doctors', ['name' => 'Dr Ines Falkner']];
        yield 'invitation' => ['/api/invitations', ['email' => 'bo@fenmoor.example', 'role' => 'student']];
        yield 'examination' => ['/api/athletes/{athlete}/examinations', ['hurtSide' => 'left', 'daysSinceInjury' => 4, 'route' => 'clinic_core']];
        yield 'outcome' => ['/api/episodes/{episode}/reference-results', ['kind' => 'mri', 'on' => '2026-05-01', 'answers' => [['condition' => 'acl', 'seen' => 'present']]]];
        yield 'letter' => ['/api/examinations/{signed}/letters', []];
        yield 'addendum' => ['/api/examinations/{signed}/addenda', ['words' => 'he rang']];
    }

    /**
     * @param  array<string, mixed>  $body
     */
    #[DataProvider('makers')]
    public function test_what_makes_something_makes_it_once_under_its_key(string $address, array $body): void
    {
        $lead = $this->member(role: Role::Lead);
        $signed = $this->openedBy($lead);
        $this->postJson("/api/examinations/{$signed}/signature", $this->seen($signed))->assertOk();
        $episode = (string) DB::table('examinations')->where('id', $signed)->value('episode_id');
        $address = strtr($address, ['{signed}' => $signed, '{athlete}' => $this->athleteOf($lead)->id, '{episode}' => $episode]);
        $body = (array) json_decode(strtr((string) json_encode($body), ['{today}' => now()->toDateString()]), true);
        $send = fn (string $key, array $more = []) => $this->postJson($address, [...$body, ...$more], ['Idempotency-Key' => $key]);
        $counted = static fn (): array => array_map(
            static fn (string $table): int => DB::table($table)->count(),
            ['athletes', 'tasks', 'doctors', 'invitations', 'examinations', 'reference_results', 'letters', 'addenda', 'mails'],
        );

        $first = $send('a-key-of-its-own');
        self::assertContains($first->getStatusCode(), [200, 201, 202], (string) $first->content());
        $then = $counted();
        $again = $send('a-key-of-its-own');
        self::assertSame([$first->getStatusCode(), $first->json()], [$again->getStatusCode(), $again->json()]);
        self::assertSame($then, $counted());
        $send('a-key-of-its-own', ['other' => 'content'])->assertStatus(422)->assertJsonPath('error.path', 'key');
        self::assertSame($then, $counted());
        $this->flushHeaders();
        $send('no')->assertStatus(422)->assertJsonPath('error.path', 'Idempotency-Key');
        self::assertStringNotContainsString('Ada Own', (string) json_encode(DB::table('made_once')->get()));
    }

    public function test_what_was_refused_leaves_its_key_free(): void
    {
        $this->actingAs($this->member());
        $make = fn (string $name) => $this->postJson(
            '/api/athletes', ['name' => $name, 'bornOn' => '2001-01-01', 'squad' => 'Judo'], ['Idempotency-Key' => 'the-same-key'],
        );
        $make('')->assertStatus(422);
        $make('Ada Own')->assertCreated();
        self::assertSame(1, Athlete::query()->count());
    }

    public function test_a_row_that_is_held_is_told_at_once_where_enough_wait_for_it(): void
    {
        $held = new PDOException('Lock wait timeout exceeded');
        $held->errorInfo = ['HY000', 1205, 'Lock wait timeout exceeded'];
        $tried = [];
        $work = static function (string $lock) use (&$tried, $held): never {
            $tried[] = $lock;
            throw $held;
        };
        try {
            Turn::of('examination x', $work);
            self::fail('It was held.');
        } catch (RowHeld) {
            self::assertSame(['for update nowait', 'for update'], $tried);
        }
        $tried = [];
        foreach ([1, 2, 3] as $place) {
            DB::connection('beside')->select('SELECT GET_LOCK(?, 0)', ["{$place} examination x"]);
        }
        try {
            Turn::of('examination x', $work);
            self::fail('It was held.');
        } catch (RowHeld) {
            self::assertSame(['for update nowait'], $tried);
        }
        self::assertSame('free', Turn::of('examination y', static fn (): string => 'free'));
    }

    public function test_wrong_guesses_from_elsewhere_do_not_keep_an_owner_out(): void
    {
        $user = $this->member();
        $logIn = fn (string $password) => $this->postJson('/api/login', ['email' => $user->email, 'password' => $password]);
        $cookie = $logIn(UserFactory::PASSWORD)->assertOk()->getCookie(KnownDevice::COOKIE);
        $this->postJson('/api/logout')->assertNoContent();
        foreach (range(1, 10) as $guess) {
            $logIn("guess {$guess}")->assertStatus(422);
        }
        $logIn(UserFactory::PASSWORD)->assertStatus(429);
        $this->withCredentials()->withCookie(KnownDevice::COOKIE, (string) $cookie?->getValue());
        $logIn(UserFactory::PASSWORD)->assertOk();
    }

    public function test_wrong_links_close_no_door_for_those_behind_the_same_address(): void
    {
        $user = $this->member();
        $calendar = (string) parse_url((string) $this->actingAs($user)->putJson('/api/calendar', ['inWords' => false])->json('address'), PHP_URL_PATH);
        auth()->logout();
        foreach (range(1, 80) as $guess) {
            $this->getJson('/api/page', ['X-Page-Token' => "guess {$guess}"])->assertNotFound();
        }
        $this->get($calendar)->assertOk();
        $this->postJson('/api/password/forgotten', ['email' => $user->email])->assertStatus(202);
    }

    public function test_one_account_is_mailed_three_links_an_hour_and_each_stays_good(): void
    {
        $user = $this->member();
        foreach (range(1, 5) as $ignored) {
            $this->postJson('/api/password/forgotten', ['email' => $user->email])->assertStatus(202);
        }
        $mails = Mail::query()->withoutGlobalScopes()->orderBy('id')->get();
        self::assertCount(3, $mails);
        preg_match('/reset#([\w-]+)/', quoted_printable_decode($mails[0]->message), $first);
        $this->postJson('/api/password/reset', ['token' => $first[1] ?? '', 'password' => 'knees in the fen at dusk'])->assertNoContent();
        self::assertSame(0, DB::table('resets')->count());
    }

    public function test_what_nobody_foresaw_is_answered_in_the_shape_of_the_contract(): void
    {
        $answer = app(ExceptionHandler::class)->render(Request::create('/api/today'), new RuntimeException('odd: Ada Own'));
        self::assertSame(500, $answer->getStatusCode());
        self::assertSame(['error'], array_keys((array) json_decode((string) $answer->getContent(), true)));
        self::assertStringNotContainsString('Ada', (string) $answer->getContent());
        $this->actingAs($this->member());
        $this->getJson('/api/doctors?examination[]=1')->assertStatus(422)->assertJsonPath('error.path', 'examination');
        $letter = ['name' => 'Dr Ines Falkner', 'email' => 'a(comment)@docs.example'];
        $this->postJson('/api/doctors', $letter)->assertStatus(422)->assertJsonPath('error.path', 'email');
    }

    public function test_a_full_disk_refuses_what_would_be_saved_and_lets_people_read(): void
    {
        $user = $this->member();
        $id = $this->openedBy($user);
        $folder = sys_get_temp_dir().'/gc-disk-'.bin2hex(random_bytes(4));
        mkdir($folder);
        config(['app.instance' => $folder]);
        $this->getJson('/health')->assertOk();
        touch("{$folder}/full");
        $this->save($id, 'records/lachman/left', ['translationMm' => 5])->assertStatus(503)
            ->assertJsonPath('error.path', 'disk')->assertHeader('Retry-After', '30');
        $this->getJson("/api/examinations/{$id}")->assertOk();
        $this->postJson('/api/today', ['search' => 'x'])->assertOk();
        $this->getJson('/health')->assertStatus(503)->assertJsonPath('disk', 'full');
        $this->getJson('/api/me')->assertJsonPath('server.disk', 'full');
        unlink("{$folder}/full");
        $this->save($id, 'records/lachman/left', ['translationMm' => 5])->assertOk();
        rmdir($folder);
        config(['app.instance' => null]);
    }

    public function test_a_whole_record_is_made_behind_the_application_and_kept_for_a_day(): void
    {
        $lead = $this->member(role: Role::Lead);
        $athlete = $this->athleteOf($lead);
        $this->actingAs($lead)->withSession(['presence' => ['given' => 0]])
            ->postJson("/api/athletes/{$athlete->id}/archive")->assertForbidden()->assertJsonPath('error.path', 'password');
        self::assertStringStartsWith('PK', $this->actingAs($lead)->archiveOf($athlete->id));
        self::assertStringNotContainsString($athlete->name, (string) json_encode(DB::table('export_parts')->get()));
        $export = Export::query()->firstOrFail();
        self::assertSame(ExportState::Ready, $export->state);
        $this->actingAs($this->member('Marsh End Judo', Role::Lead))->getJson("/api/exports/{$export->id}")->assertNotFound();
        $this->travel(25)->hours();
        (new PruneExpired)();
        self::assertSame([0, 0], [DB::table('exports')->count(), DB::table('export_parts')->count()]);
    }

    public function test_what_a_killed_process_left_in_memory_is_swept(): void
    {
        $left = new TemporaryFolder;
        file_put_contents($left->file(), 'plain');
        TemporaryFolder::sweep();
        self::assertDirectoryExists($left->path);
        touch($left->path, time() - 3_600);
        TemporaryFolder::sweep();
        self::assertDirectoryDoesNotExist($left->path);
    }

    public function test_a_stranger_s_long_body_is_turned_away_unread_and_a_list_may_have_two_megabytes(): void
    {
        $long = ['content' => str_repeat('A', 1_200_000)];
        $this->postJson('/api/imports/preview', $long)->assertUnauthorized();
        $this->actingAs($this->member());
        $this->postJson('/api/imports/preview', $long)->assertStatus(422)->assertJsonPath('error.path', 'content');
    }

    public function test_a_name_stands_in_no_address(): void
    {
        $this->actingAs($this->member());
        $this->getJson('/api/today?search=Ada')->assertStatus(422)->assertJsonPath('error.path', 'search');
        $secret = array_filter(
            Route::getRoutes()->getRoutesByName(),
            static fn (RegisteredRoute $route): bool => str_contains($route->uri(), '{token}'),
        );
        // A calendar program sends nothing but an address; its line is kept out of every log.
        self::assertSame(['calendars.read'], array_keys($secret));
        self::assertNull(Route::getRoutes()->getByName('storage.local'));
    }
}
