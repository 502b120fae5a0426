<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use App\Models\Team;
use App\Models\User;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Route as Router;

/** Every route of the API, whoever comes: a route that is added stands here by itself. */
final class RoutesTest extends FeatureTestCase
{
    /** Whoever is not logged in may only do so. */
    private const OPEN = ['login', 'me', 'nothing'];

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
        $this->actingAs($this->member('Marsh End Judo'));
        $tried = 0;
        foreach (self::routes() as $route) {
            if ($route->parameterNames() !== [] && $route->getName() !== 'nothing') {
                $this->json(
                    $route->methods()[0],
                    $this->address($route, $id, $athlete->id),
                    ['key' => 'abcdefgh', 'version' => 0, 'payload' => []],
                )
                    ->assertNotFound()->assertExactJson(['error' => [
                        'path' => '',
                        'reason' => 'There is no such thing here.',
                    ]]);
                $tried++;
            }
        }
        self::assertGreaterThan(8, $tried);
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
}
