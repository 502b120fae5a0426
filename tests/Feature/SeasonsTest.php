<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Models\User;
use App\Access\Values\Role;

/** From when until when a squad plays, and how that stands today. */
final class SeasonsTest extends FeatureTestCase
{
    use LetterPromises;

    private const WINTER = ['squad' => 'Handball', 'from' => '2026-09-01', 'until' => '2027-05-30'];

    public function test_everybody_in_the_team_sees_how_a_season_stands(): void
    {
        $lead = $this->member(role: Role::Lead);
        $this->travelTo('2026-08-31 12:00:00');
        $this->actingAs($lead)->putJson('/api/team', self::settings(['seasons' => [self::WINTER]]))->assertNoContent();
        $this->getJson('/api/team')->assertJsonPath('seasons', [self::WINTER]);
        $coach = User::factory()->memberOf($lead->present()->team, Role::Coach)->create();
        foreach ([
            '2026-08-31' => 'season begins on 1 September 2026', '2026-09-01' => 'season until 30 May 2027',
            '2027-05-30' => 'season until 30 May 2027', '2027-05-31' => 'season ended on 30 May 2027',
        ] as $day => $words) {
            $this->travelTo("{$day} 18:00:00");
            $this->actingAs($coach)->getJson('/api/me')
                ->assertJsonPath('user.seasons', [['squad' => 'Handball', 'words' => $words]]);
        }
    }

    public function test_one_that_ends_before_it_begins_or_stands_twice_is_refused_by_its_place(): void
    {
        $this->actingAs($this->member(role: Role::Lead));
        $this->putJson('/api/team', self::settings(['seasons' => [['until' => '2026-08-01'] + self::WINTER]]))
            ->assertStatus(422)->assertJsonPath('error.path', 'seasons.0.until');
        $this->putJson('/api/team', self::settings(['seasons' => [self::WINTER, self::WINTER]]))
            ->assertStatus(422)->assertJsonPath('error.path', 'seasons.0.squad');
        $this->putJson('/api/team', self::settings(['seasons' => [['from' => ''] + self::WINTER]]))
            ->assertStatus(422)->assertJsonPath('error.path', 'seasons.0.from');
        $this->getJson('/api/team')->assertJsonPath('seasons', []);
    }
}
