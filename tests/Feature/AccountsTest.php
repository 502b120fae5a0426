<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Accounts\Demo;
use App\Access\Models\Team;
use App\Access\Models\User;
use App\Access\Values\Email;
use App\Access\Values\Role;
use Database\Factories\UserFactory;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Output\BufferedOutput;

/** How an account comes to be, and how it is told from one that is not there. */
final class AccountsTest extends FeatureTestCase
{
    public function test_the_first_account_is_made_by_commands(): void
    {
        [$code, $id] = $this->command('team:create', ['name' => 'Marsh End Judo']);
        self::assertSame(0, $code);
        $create = fn (array $more, string $typed = "only a few words\n"): array => $this->command('user:create', [
            'team' => trim($id), 'email' => 'Ada@Marsh.example', 'name' => 'Ada Thornquist', '--role' => 'lead', ...$more,
        ], $typed);
        self::assertSame([2, "password: it needs 12 letters or more.\n"], $create([], "only words\n"));
        self::assertSame([2, "team: there is no team with this id.\n"], $create(['team' => 'elsewhere']));
        self::assertSame([2, "email: this is no address that an account may have.\n"], $create(['email' => 'ada']));
        self::assertSame([2, "role: it is one of lead, practitioner, student, coach.\n"], $create(['--role' => 'king']));
        self::assertSame([2, "name: it is missing.\n"], $create(['name' => ' ']));
        self::assertSame(0, $create([])[0]);
        self::assertSame(
            [2, "email: there is an account with this address already.\n"],
            $create(['email' => 'ada@marsh.example']),
        );
        self::assertSame([2, "name: it needs 1 to 255 letters.\n"], $this->command('team:create', ['name' => ' ']));
        $user = User::at('ada@marsh.example');
        self::assertSame(Role::Lead, $user->role());
        $this->postJson('/api/login', ['email' => 'ADA@marsh.example', 'password' => 'only a few words'])->assertOk();
    }

    public function test_the_first_of_a_team_is_invited_from_the_console(): void
    {
        [, $id] = $this->command('team:create', ['name' => 'Marsh End Judo']);
        $invite = fn (array $more = []): array => $this->command('user:invite', [
            'team' => trim($id), 'email' => 'Ada@Marsh.example', ...$more,
        ]);
        self::assertSame([2, "team: there is no team with this id.\n"], $invite(['team' => 'elsewhere']));
        self::assertSame([2, "email: this is no address that an account may have.\n"], $invite(['email' => 'ada']));
        self::assertSame([2, "role: it is one of lead, practitioner, student, coach.\n"], $invite(['--role' => 'king']));
        [$code, $link] = $invite();
        self::assertSame(0, $code);
        $this->postJson('/api/invitation', [
            'token' => trim((string) strstr($link, '#'), "#\n"), 'name' => 'Ada Thornquist', 'password' => 'only a few words',
        ])->assertNoContent();
        self::assertSame(Role::Lead, User::at('ada@marsh.example')?->role());
        self::assertSame([2, "email: this person is in the team already.\n"], $invite());
    }

    public function test_a_lost_second_factor_is_turned_off_by_who_runs_the_machine(): void
    {
        $user = $this->member();
        $user->forceFill(['factor' => base64_encode(random_bytes(20))])->save();
        $logIn = fn () => $this->postJson('/api/login', ['email' => $user->email, 'password' => UserFactory::PASSWORD]);
        $logIn()->assertForbidden();
        self::assertSame(2, $this->command('user:second-factor', ['email' => 'nobody@fenmoor.example'])[0]);
        self::assertSame(0, $this->command('user:second-factor', ['email' => strtoupper($user->email)])[0]);
        $logIn()->assertOk();
    }

    public function test_the_demo_stays_out_of_a_real_club(): void
    {
        User::factory()->memberOf(Team::factory()->create(), Role::Lead)
            ->create(['email' => Demo::EMAIL, 'password' => Demo::PASSWORD]);
        $logIn = fn () => $this->postJson('/api/login', ['email' => Demo::EMAIL, 'password' => Demo::PASSWORD]);
        config(['app.demo' => true]);
        $logIn()->assertOk();
        config(['app.demo' => false]);
        $this->postJson('/api/logout');
        $logIn()->assertStatus(422);
        Team::query()->each(static fn (Team $team) => $team->delete());
        (new DatabaseSeeder)->run();
        self::assertSame(0, Team::query()->count());
    }

    public function test_a_new_password_logs_everybody_out(): void
    {
        $user = $this->member();
        DB::table('sessions')->insert(['id' => 'x', 'user_id' => $user->id, 'payload' => '', 'last_activity' => 0]);
        self::assertSame(
            [2, "email: there is no account with this address.\n"],
            $this->command('user:password', ['email' => 'nobody@fenmoor.example']),
        );
        self::assertSame(
            [2, "password: it needs 12 letters or more.\n"],
            $this->command('user:password', ['email' => $user->email], "short\n"),
        );
        self::assertSame(1, DB::table('sessions')->count());
        [$code] = $this->command('user:password', ['email' => $user->email], "quite another one\n");
        self::assertSame([0, 0], [$code, DB::table('sessions')->count()]);
        $this->postJson('/api/login', ['email' => $user->email, 'password' => UserFactory::PASSWORD])->assertStatus(422);
        $this->postJson('/api/login', ['email' => $user->email, 'password' => 'quite another one'])->assertOk();
    }

    public function test_a_session_ends_after_twelve_hours_however_busy(): void
    {
        $user = $this->member();
        $this->postJson('/api/login', ['email' => $user->email, 'password' => UserFactory::PASSWORD])->assertOk();
        $this->travel(11)->hours();
        $this->getJson('/api/today')->assertOk();
        $this->travel(61)->minutes();
        $this->getJson('/api/today')->assertUnauthorized();
    }

    public function test_logging_out_clears_what_pages_left_behind(): void
    {
        $this->actingAs($this->member());
        $this->postJson('/api/logout')->assertNoContent()->assertHeader('Clear-Site-Data', '"cache"');
    }

    /**
     * @return iterable<string, array{string, string|null}>
     */
    public static function spellings(): iterable
    {
        yield 'as it is' => ['ada@fenmoor.example', 'ada@fenmoor.example'];
        yield 'large letters and blanks' => ['  ADA@Fenmoor.Example ', 'ada@fenmoor.example'];
        yield 'full-width letters' => ['ａｄａ@fenmoor.example', 'ada@fenmoor.example'];
        yield 'an accent is another letter' => ['áda@fenmoor.example', null];
        yield 'an invisible letter' => ["ada\u{200B}@fenmoor.example", null];
        yield 'a domain in another script' => ['ada@fenmооr.example', null];
        yield 'no domain' => ['ada@localhost', null];
        yield 'two signs' => ['a@b@fenmoor.example', null];
        yield 'too long' => [str_repeat('a', 250).'@fenmoor.example', null];
        yield 'nothing' => ['', null];
    }

    #[DataProvider('spellings')]
    public function test_one_address_has_one_spelling(string $typed, ?string $normal): void
    {
        self::assertSame($normal, Email::normal($typed));
    }

    public function test_another_spelling_brings_no_further_guesses(): void
    {
        $user = $this->member();
        foreach (range(1, 10) as $try) {
            $email = $try % 2 === 0 ? strtoupper($user->email) : " {$user->email}";
            $this->postJson('/api/login', ['email' => $email, 'password' => "guess {$try}"])->assertStatus(422);
        }
        $this->postJson('/api/login', ['email' => $user->email, 'password' => UserFactory::PASSWORD])->assertStatus(429);
        $this->travel(2)->minutes();
        $this->postJson('/api/login', ['email' => $user->email, 'password' => UserFactory::PASSWORD])->assertOk();
    }

    public function test_an_account_that_is_not_there_answers_in_the_same_words(): void
    {
        $user = $this->member();
        $known = $this->postJson('/api/login', ['email' => $user->email, 'password' => 'a wrong one']);
        $unknown = $this->postJson('/api/login', ['email' => 'nobody@fenmoor.example', 'password' => 'a wrong one']);
        $impossible = $this->postJson('/api/login', ['email' => "no\u{200B}body", 'password' => 'a wrong one']);
        self::assertSame([$known->json(), $known->status()], [$unknown->json(), $unknown->status()]);
        self::assertSame([$known->json(), $known->status()], [$impossible->json(), $impossible->status()]);
    }

    /**
     * @param  array<string, string>  $arguments
     * @return array{int, string} exit code and all that was said
     */
    private function command(string $name, array $arguments, string $typed = ''): array
    {
        $input = new ArrayInput(['command' => $name, ...$arguments]);
        $stream = fopen('php://memory', 'r+');
        self::assertIsResource($stream);
        fwrite($stream, $typed);
        rewind($stream);
        $input->setStream($stream);
        $output = new BufferedOutput;
        $code = app(Kernel::class)->handle($input, $output);

        return [$code, $output->fetch()];
    }
}
