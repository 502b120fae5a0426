<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Models\Team;
use App\Access\Models\User;
use App\Access\Values\Role;
use App\Clinic\Models\Examination;
use App\Club\Models\Athlete;
use GrayCompass\Core\Tests\Support\Knee;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Routing\Route;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** Through HTTP, against the real database that bin/test starts. */
abstract class FeatureTestCase extends TestCase
{
    use RefreshDatabase;

    /** The console answers for real. */
    public $mockConsoleOutput = false;

    protected const CLEAR = Knee::CLEAR;

    /** Of athletes that the test makes; null: those of the factory. */
    protected ?int $bornYearsAgo = null;

    /** @var array<string, true> promises of the contract that this test has seen kept */
    protected array $kept = [];

    public function createApplication(): Application
    {
        // Of several processes each has a database of its own, which bin/test made.
        $token = $_SERVER['TEST_TOKEN'] ?? null;
        if (is_string($token)) {
            $_SERVER['DB_DATABASE'] = "gray_compass_{$token}";
        }
        $app = require __DIR__.'/../../bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();

        return $app;
    }

    /** Every answer of the API, in every test, keeps the contract. */
    public function call($method, $uri, $parameters = [], $cookies = [], $files = [], $server = [], $content = null)
    {
        // What makes something carries a key; a test that wants to send it twice gives its own.
        if ($method === 'POST') {
            $server += ['HTTP_IDEMPOTENCY_KEY' => $this->defaultHeaders['Idempotency-Key'] ?? Str::uuid()->toString()];
        }
        $answer = parent::call($method, $uri, $parameters, $cookies, $files, $server, $content);
        $route = app('router')->current();
        // That no token opens it is said once for all operations, under `token` of the contract.
        $isShut = isset($server['HTTP_AUTHORIZATION']) && \in_array($answer->getStatusCode(), [401, 403], true);
        if ($route instanceof Route && str_starts_with($route->uri(), 'api/') && $route->getName() !== 'nothing' && ! $isShut) {
            Contract::it()->assertKept($route, $method, $answer);
            if ($answer->getStatusCode() < 500) {
                $this->kept[Contract::promise($route, $method, $answer->getStatusCode())] = true;
            }
        }

        return $answer;
    }

    protected function member(string $team = 'Fenmoor Indoor Sports Club', Role $role = Role::Practitioner): User
    {
        return User::factory()->memberOf(Team::factory()->create(['name' => $team]), $role)->create();
    }

    /**
     * What someone signs who sees the examination as it is, and says why the gate is not answered where it is not.
     *
     * @return array{revision: int, ungated: string}
     */
    protected function seen(string $examination): array
    {
        $revision = Examination::query()->withoutGlobalScopes()->findOrFail($examination)->revision;

        return ['revision' => $revision, 'ungated' => 'nobody to ask'];
    }

    /** As after a log-in with the password, a moment ago. */
    public function actingAs(Authenticatable $user, $guard = null): static
    {
        $now = now()->getTimestamp();

        return parent::actingAs($user, $guard)->withSession(['presence' => [
            'begun' => $now, 'seen' => $now, 'given' => $now, 'shared' => 0, 'broken' => 0,
        ]]);
    }

    protected function athleteOf(User $user): Athlete
    {
        return Athlete::factory()->create(['team_id' => $user->teamId()] + ($this->bornYearsAgo === null
            ? []
            : ['born_on' => now()->subYears($this->bornYearsAgo)->subMonth()]));
    }

    /** An examination of a left knee hurt four days ago; its id. */
    protected function examinationBy(User $user): string
    {
        $answer = $this->actingAs($user)->postJson("/api/athletes/{$this->athleteOf($user)->id}/examinations", [
            'hurtSide' => 'left', 'daysSinceInjury' => 4, 'setting' => 'acute_trauma', 'route' => 'clinic_full',
        ]);
        $answer->assertCreated();

        return (string) $answer->json('id');
    }

    /** The same with consent given and the gate answered, so that hands may be laid on. */
    protected function openedBy(User $user): string
    {
        $id = $this->examinationBy($user);
        $this->save($id, 'sections/opening', ['consentGiven' => true])->assertOk();
        $this->save($id, 'sections/safety', self::CLEAR)->assertOk();

        return $id;
    }

    /** From here on it is theirs, as if they had begun it. */
    protected function handTo(User $user, string $examination): void
    {
        Examination::query()->withoutGlobalScopes()->whereKey($examination)->update(['examiner_id' => $user->id]);
    }

    /** A whole record, asked for, made and fetched. */
    protected function archiveOf(string $athlete): string
    {
        $export = (string) $this->postJson("/api/athletes/{$athlete}/archive")->assertStatus(202)->json('id');
        $this->getJson("/api/exports/{$export}")->assertOk()->assertJsonPath('state', 'ready');

        return $this->get("/api/exports/{$export}/file")->assertOk()->streamedContent();
    }

    /** A file beside a result. */
    protected function attachTo(string $result, string $content, string $name): TestResponse
    {
        return $this->call(
            'POST', "/api/reference-results/{$result}/attachments", server: ['HTTP_X_FILE_NAME' => rawurlencode($name)], content: $content,
        );
    }

    /**
     * @param  array<string, mixed>  $payload
     */
    protected function save(
        string $examination,
        string $part,
        array $payload,
        int $version = 0,
        ?string $key = null,
    ): TestResponse {
        return $this->putJson(
            "/api/examinations/{$examination}/{$part}",
            ['key' => $key ?? Str::uuid()->toString(), 'version' => $version, 'payload' => (object) $payload],
        );
    }
}
