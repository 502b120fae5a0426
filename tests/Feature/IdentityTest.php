<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Accounts\Device;
use App\Access\Accounts\Passwords;
use App\Access\Accounts\TimeCode;
use App\Access\Models\User;
use App\Platform\Mail\Mail;
use Database\Factories\UserFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

/** Who someone is: passwords, the second factor, and how long a session stands for them. */
final class IdentityTest extends FeatureTestCase
{
    /**
     * @return iterable<string, array{int, string}> seconds since 1970, code
     */
    public static function rfc6238(): iterable
    {
        yield 'a minute after 1970' => [59, '287082'];
        yield '2005' => [1_111_111_109, '081804'];
        yield '2009' => [1_234_567_890, '005924'];
        yield '2603' => [20_000_000_000, '353130'];
    }

    #[DataProvider('rfc6238')]
    public function test_codes_are_those_of_rfc_6238(int $at, string $code): void
    {
        $clock = new TimeCode('12345678901234567890');
        self::assertSame($code, $clock->at(intdiv($at, 30)));
        self::assertSame(intdiv($at, 30), $clock->step($code, $at + 30, 0), 'a clock may be a step behind');
        self::assertNull($clock->step($code, $at + 90, 0));
        self::assertNull($clock->step($code, $at, intdiv($at, 30)), 'and each works once');
        self::assertSame('GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ', $clock->typed());
    }

    public function test_with_a_second_factor_the_password_alone_opens_nothing(): void
    {
        // A code is of thirty seconds, and a machine may be slow.
        $this->freezeTime();
        $user = $this->member();
        [$secret, $codes] = $this->turnOn($user);
        $this->postJson('/api/logout')->assertNoContent();
        $this->logIn($user)->assertForbidden()->assertJsonPath('error.path', 'code');
        $this->logIn($user, '000000')->assertStatus(422)->assertJsonPath('error.path', 'code');
        $this->logIn($user, Authenticator::code($secret))->assertStatus(422);
        $this->logIn($user, Authenticator::code($secret, 1))->assertOk()->assertJsonPath('user.secondFactor', true);
        $this->postJson('/api/logout')->assertNoContent();
        $this->logIn($user, strtoupper($codes[3]))->assertOk();
        $this->postJson('/api/logout')->assertNoContent();
        $this->logIn($user, $codes[3])->assertStatus(422);
        self::assertCount(10, $codes);
        self::assertStringNotContainsString($secret, (string) json_encode(DB::table('users')->get()));
    }

    public function test_where_the_team_asks_for_a_second_factor_nobody_gets_on_without_one(): void
    {
        $user = $this->member();
        $user->present()->team->update(['asks_second_factor' => true]);
        $this->actingAs($user->refresh())->getJson('/api/today')->assertForbidden()
            ->assertJsonPath('error.path', 'secondFactor');
        $this->getJson('/api/me')->assertJsonPath('user.asksSecondFactor', true);
        $this->turnOn($user);
        $this->actingAs($user->refresh())->getJson('/api/today')->assertOk();
    }

    public function test_a_forgotten_password_is_set_anew_by_a_link_once_and_ends_every_session(): void
    {
        $user = $this->member();
        $this->postJson('/api/password/forgotten', ['email' => strtoupper($user->email)])->assertStatus(202);
        $this->postJson('/api/password/forgotten', ['email' => 'nobody@fenmoor.example'])->assertStatus(202);
        $mails = Mail::query()->withoutGlobalScopes()->get();
        self::assertCount(1, $mails);
        self::assertTrue($mails[0]->secret);
        preg_match('/reset#([\w-]+)/', quoted_printable_decode($mails[0]->message), $link);
        DB::table('sessions')->insert(['id' => 'x', 'user_id' => $user->id, 'payload' => '', 'last_activity' => 0]);
        $reset = fn (string $password) => $this->postJson('/api/password/reset', ['token' => $link[1] ?? '', 'password' => $password]);
        $reset('passwordpassword')->assertStatus(422)->assertJsonPath('error.reason', 'it is one of those that are guessed first');
        $reset('a new one of mine')->assertNoContent();
        self::assertSame(0, DB::table('sessions')->where('user_id', $user->id)->count());
        $reset('and another of mine')->assertStatus(422)->assertJsonPath('error.path', 'token');
        $this->logIn($user)->assertStatus(422);
        $this->logIn($user, password: 'a new one of mine')->assertOk();
    }

    public function test_a_link_to_a_new_password_ends_after_an_hour(): void
    {
        $user = $this->member();
        $this->postJson('/api/password/forgotten', ['email' => $user->email])->assertStatus(202);
        preg_match('/reset#([\w-]+)/', quoted_printable_decode(Mail::query()->withoutGlobalScopes()->firstOrFail()->message), $link);
        $this->travel(61)->minutes();
        $this->postJson('/api/password/reset', ['token' => $link[1] ?? '', 'password' => 'a new one of mine'])->assertStatus(422);
    }

    /**
     * @return iterable<string, array{string, string|null}>
     */
    public static function passwords(): iterable
    {
        yield 'short' => ['elevenlette', 'it needs 12 letters or more'];
        yield 'long' => [str_repeat('abcdefgh', 32), 'it may have 255 letters at most'];
        yield 'a rhythm' => ['ababababababab', 'it repeats the same few letters'];
        yield 'guessed first' => ['Qwertyuiop123', 'it is one of those that are guessed first'];
        yield 'guessed first, with figures' => ['!iloveyouiloveyou77', 'it is one of those that are guessed first'];
        yield 'one\'s own name' => ['AdaThornquist7', 'it is made of your own name or address'];
        yield 'one\'s own address' => ['ada.thornquist1', 'it is made of your own name or address'];
        yield 'one\'s own address, whole' => ['ada.thornquist@fenmoor.example', 'it is made of your own name or address'];
        yield 'any other' => ['knees in the fen at dusk', null];
        yield 'in any script' => ['колени на болоте', null];
    }

    #[DataProvider('passwords')]
    public function test_a_password_is_long_and_none_that_is_guessed_first(string $password, ?string $fault): void
    {
        self::assertSame($fault, Passwords::fault($password, 'Ada Thornquist', 'ada.thornquist@fenmoor.example'));
    }

    public function test_a_new_password_ends_the_other_sessions_asks_for_the_old_one_and_is_told_by_mail(): void
    {
        $user = $this->member();
        $this->actingAs($user);
        DB::table('sessions')->insert(['id' => 'x', 'user_id' => $user->id, 'payload' => '', 'last_activity' => 0]);
        $change = fn (string $current) => $this->putJson('/api/password', ['current' => $current, 'password' => 'a new one of mine']);
        $change('not mine at all')->assertStatus(422)->assertJsonPath('error.path', 'current');
        $change(UserFactory::PASSWORD)->assertNoContent();
        $told = Mail::query()->withoutGlobalScopes()->latest('id')->firstOrFail();
        self::assertSame([$user->email, 'Your Gray Compass account: password changed'], [$told->recipient, $told->subject]);
        self::assertSame(0, DB::table('sessions')->where('user_id', $user->id)->count());
    }

    public function test_after_a_break_nobody_signs_without_the_password(): void
    {
        $user = $this->member();
        $id = $this->openedBy($user);
        $this->travel(16)->minutes();
        $this->getJson('/api/today')->assertOk();
        $sign = fn () => $this->postJson("/api/examinations/{$id}/signature", $this->seen($id));
        $sign()->assertForbidden()->assertJsonPath('error.path', 'password');
        $this->postJson('/api/password/confirm', ['password' => UserFactory::PASSWORD])->assertNoContent();
        $sign()->assertOk();
    }

    public function test_a_shared_device_is_left_after_half_an_hour_another_one_after_a_day_at_the_club(): void
    {
        foreach ([[true, 29, 200], [true, 31, 401], [false, 31, 200], [false, 721, 401]] as [$shared, $minutes, $status]) {
            $user = $this->member();
            $this->postJson('/api/login', ['email' => $user->email, 'password' => UserFactory::PASSWORD, 'shared' => $shared])->assertOk();
            $this->travel($minutes)->minutes();
            $this->getJson('/api/today')->assertStatus($status);
            Auth::logout();
            $this->flushSession();
        }
    }

    public function test_where_one_is_logged_in_is_told_without_what_opens_it(): void
    {
        $user = $this->member();
        DB::table('sessions')->insert([
            'id' => 'an-id-that-opens-it', 'user_id' => $user->id, 'payload' => '', 'last_activity' => 1_700_000_000,
            'ip_address' => '192.0.2.7', 'user_agent' => 'Mozilla/5.0 (X11; Linux x86_64) Chrome/126.0 Safari/537.36',
        ]);
        $shown = $this->actingAs($user)->getJson('/api/sessions')->assertOk();
        self::assertStringNotContainsString('an-id-that-opens-it', (string) $shown->content());
        $shown->assertJsonPath('0.device', 'Chrome on Linux')->assertJsonPath('0.seenAt', '2023-11-14T22:13:20Z');
        $this->actingAs($this->member())->deleteJson("/api/sessions/{$shown->json('0.id')}")->assertNotFound();
        $this->actingAs($user)->deleteJson("/api/sessions/{$shown->json('0.id')}")->assertNoContent();
        self::assertSame('A browser', Device::named('curl/8'));
    }

    private function logIn(User $user, ?string $code = null, string $password = UserFactory::PASSWORD): TestResponse
    {
        return $this->postJson('/api/login', ['email' => $user->email, 'password' => $password, 'code' => $code]);
    }

    /**
     * @return array{string, list<string>} the secret as it is typed, and recovery codes
     */
    private function turnOn(User $user): array
    {
        $secret = (string) $this->actingAs($user)->postJson('/api/second-factor')->assertOk()->json('secret');
        $codes = $this->putJson('/api/second-factor', ['code' => Authenticator::code($secret)])->assertOk()->json('recoveryCodes');
        self::assertIsList($codes);

        return [$secret, array_map(strval(...), $codes)];
    }

    public function test_who_is_logged_in_comes_with_all_that_their_team_and_their_place_in_it_hold(): void
    {
        $user = $this->member();
        $known = Auth::createUserProvider('users')?->retrieveById($user->id);
        self::assertInstanceOf(User::class, $known);
        foreach ([$known->membership, $known->present()->team] as $row) {
            self::assertInstanceOf(Model::class, $row);
            self::assertEqualsCanonicalizing(Schema::getColumnListing($row->getTable()), array_keys($row->getAttributes()));
        }
    }
}
