<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Models\User;
use Illuminate\Support\Facades\Auth;

/** Who may see and save what. */
final class AccessTest extends FeatureTestCase
{
    public function test_everyone_gets_the_page_and_nobody_unknown_gets_a_record(): void
    {
        $this->get('/')->assertOk()->assertSee('Gray Compass');
        foreach (['today', 'catalogue', 'examinations/01ARZ3NDEKTSV4RRFFQ69G5FAV'] as $path) {
            $this->getJson("/api/{$path}")->assertUnauthorized();
        }
        $this->save('01ARZ3NDEKTSV4RRFFQ69G5FAV', 'records/lachman/left', ['normal' => true])->assertUnauthorized();
    }

    public function test_another_teams_records_do_not_exist(): void
    {
        $theirs = $this->examinationBy($this->member('Fenmoor Indoor Sports Club'));
        $athlete = $this->athleteOf($this->member('Fenmoor Indoor Sports Club'));
        $this->actingAs($this->member('Marsh End Judo'));

        $this->getJson("/api/examinations/{$theirs}")->assertNotFound();
        $this->save($theirs, 'records/lachman/left', ['normal' => true])->assertNotFound();
        $this->getJson("/api/athletes/{$athlete->id}")->assertNotFound();
        $this->getJson('/api/today')->assertOk()->assertExactJson([
            'due' => [], 'toSign' => [], 'proposals' => [], 'unfinished' => [], 'unfinishedInAll' => 0, 'seen' => [], 'athletes' => [], 'total' => 0, 'page' => 1, 'pages' => 1,
        ]);
    }

    public function test_logging_in_and_out(): void
    {
        $user = $this->member();
        $this->postJson(
            '/api/login',
            ['email' => $user->email, 'password' => 'wrong'],
        )->assertStatus(422)->assertJsonPath('error.path', 'password');
        $this->postJson('/api/login', ['email' => strtoupper($user->email), 'password' => 'a long enough password'])
            ->assertOk()->assertJsonPath('user.team', 'Fenmoor Indoor Sports Club');
        self::assertTrue(Auth::check());
        $this->postJson('/api/logout')->assertNoContent();
        self::assertFalse(Auth::check());
    }

    public function test_guessing_passwords_is_slowed_down(): void
    {
        $user = $this->member();
        for ($try = 0; $try < 10; $try++) {
            $this->postJson('/api/login', ['email' => $user->email, 'password' => "guess {$try}"])->assertStatus(422);
        }
        $this->postJson(
            '/api/login',
            ['email' => $user->email, 'password' => 'a long enough password'],
        )->assertStatus(429);
    }

    public function test_pages_carry_the_security_headers(): void
    {
        $page = $this->get('/');
        self::assertStringContainsString('src="/build/', (string) $page->content());
        self::assertStringNotContainsString('http://', (string) $page->content());
        $policy = (string) $page->headers->get('Content-Security-Policy');
        self::assertStringContainsString("script-src 'self';", $policy);
        self::assertStringContainsString("frame-ancestors 'none'", $policy);
        self::assertSame('no-store, private', $this->getJson('/api/me')->headers->get('Cache-Control'));
    }

    public function test_a_device_key_is_given_to_its_person_alone_and_stays_the_same(): void
    {
        $this->getJson('/api/me')->assertOk()->assertJsonPath('deviceKey', null);
        [$ada, $bram] = [$this->member(), $this->member('Marsh End Judo')];
        $key = fn (User $user): string => (string) $this->actingAs($user)->getJson('/api/me')->json('deviceKey');
        self::assertSame(32, strlen((string) base64_decode($key($ada), true)));
        self::assertSame($key($ada), $key($ada));
        self::assertNotSame($key($ada), $key($bram));
    }
}
