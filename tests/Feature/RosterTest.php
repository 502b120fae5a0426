<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Club\Models\Athlete;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

/** The athletes of a team, made and kept by its people. */
final class RosterTest extends FeatureTestCase
{
    private const SANA = ['name' => 'Sana Withernsea', 'bornOn' => '2010-05-04', 'squad' => 'Judo'];

    public function test_three_facts_make_an_athlete_who_is_found_and_examined(): void
    {
        $this->travelTo('2026-05-03 23:00:00');
        $this->actingAs($this->member());
        $made = $this->add(self::SANA)->assertCreated()->assertJsonPath('age', 15)->assertJsonPath('number', null);
        $this->travelTo('2026-05-04 00:30:00');
        $this->postJson('/api/today', ['search' => 'wither'])->assertJsonPath('total', 1)->assertJsonPath('athletes.0.age', 16);
        $this->postJson("/api/athletes/{$made->json('id')}/examinations", [
            'hurtSide' => 'left', 'daysSinceInjury' => 0, 'route' => 'clinic_core',
        ])->assertCreated();
    }

    public function test_what_else_is_known_is_kept_sealed_and_changed_whole(): void
    {
        $this->actingAs($this->member());
        $profile = ['doctor' => 'Dr Hale, Fenmoor', 'notes' => 'brace at night', 'leadingLeg' => 'right', 'heightCm' => 168, 'massKg' => 61];
        $id = $this->add([...self::SANA, 'profile' => $profile])->assertCreated()->json('id');
        $this->getJson("/api/athletes/{$id}")->assertJsonPath('profile', $profile)->assertJsonPath('bornOn', '2010-05-04');
        self::assertStringNotContainsString('brace', (string) json_encode(DB::table('athletes')->get()));
        $this->putJson("/api/athletes/{$id}", ['name' => 'Sana Other', 'bornOn' => '2010-05-05', 'squad' => 'Handball', 'number' => 'H40'])
            ->assertOk()->assertJsonPath('profile', []);
        $this->postJson('/api/today', ['search' => 'wither'])->assertJsonPath('total', 0);
        $this->postJson('/api/today', ['search' => 'h40'])->assertJsonPath('total', 1);
    }

    /**
     * @return iterable<string, array{array<string, mixed>, int}>
     */
    public static function others(): iterable
    {
        yield 'the same' => [[], 409];
        yield 'a slip of the pen' => [['name' => 'Sanna Withernsee'], 409];
        yield 'names turned round, with accents' => [['name' => 'Withernséa, Sána'], 409];
        yield 'a twin' => [['name' => 'Mila Withernsea'], 409];
        yield 'another person of that day' => [['name' => 'Oskar Penhale'], 201];
        yield 'another day' => [['bornOn' => '2010-05-05'], 201];
        yield 'looked at, and another' => [['name' => 'Mila Withernsea', 'isAnother' => true], 201];
    }

    /**
     * @param  array<string, mixed>  $said
     */
    #[DataProvider('others')]
    public function test_someone_much_like_them_is_pointed_out_before_a_second_is_made(array $said, int $status): void
    {
        $this->actingAs($this->member());
        $id = $this->add(self::SANA)->assertCreated()->json('id');
        $answer = $this->add([...self::SANA, ...$said])->assertStatus($status);
        if ($status === 409) {
            $answer->assertJsonPath('similar.0.id', $id)->assertJsonPath('similar.0.isArchived', false);
            self::assertSame(1, Athlete::query()->count());
        }
    }

    public function test_nobody_of_another_team_is_pointed_out(): void
    {
        $this->actingAs($this->member('Marsh End Judo'));
        $this->add(self::SANA)->assertCreated();
        $this->actingAs($this->member());
        $this->add(self::SANA)->assertCreated();
    }

    public function test_a_number_stands_for_one_athlete(): void
    {
        $this->actingAs($this->member());
        $first = $this->add([...self::SANA, 'number' => 'J09'])->json('id');
        $other = ['name' => 'Ines Carrowmore', 'bornOn' => '2002-01-09', 'squad' => 'Judo'];
        $this->add([...$other, 'number' => 'J09'])->assertStatus(422)->assertJsonPath('error.path', 'number')
            ->assertJsonPath('error.reason', 'Sana Withernsea has this number');
        $second = $this->add($other)->assertCreated()->json('id');
        $this->putJson("/api/athletes/{$second}", [...$other, 'number' => 'J09'])->assertStatus(422);
        $this->putJson("/api/athletes/{$first}", [...self::SANA, 'number' => 'J09'])->assertOk();
    }

    public function test_who_is_put_away_is_out_of_the_lists_and_comes_back_whole(): void
    {
        $user = $this->member();
        $id = $this->openedBy($user);
        $athlete = Athlete::query()->firstOrFail();
        $this->deleteJson("/api/athletes/{$athlete->id}")->assertNoContent();
        $this->getJson('/api/today')->assertJsonPath('total', 0)->assertJsonPath('unfinished.0.athlete.name', $athlete->name);
        $this->getJson("/api/examinations/{$id}")->assertOk();
        $this->getJson("/api/athletes/{$athlete->id}")->assertNotFound();
        $this->getJson('/api/athletes/archived')->assertJsonPath('0.id', $athlete->id);
        $this->actingAs($this->member('Marsh End Judo'))->postJson("/api/athletes/{$athlete->id}/restoration")->assertNotFound();
        $this->actingAs($user)->postJson("/api/athletes/{$athlete->id}/restoration")->assertNoContent();
        $this->getJson("/api/athletes/{$athlete->id}")->assertOk()->assertJsonCount(1, 'examinations');
    }

    /**
     * @return iterable<string, array{array<string, mixed>, string}>
     */
    public static function wrong(): iterable
    {
        yield 'no name' => [['name' => ' '], 'name'];
        yield 'born tomorrow' => [['bornOn' => '2126-01-01'], 'bornOn'];
        yield 'older than anybody' => [['bornOn' => '1890-01-01'], 'bornOn'];
        yield 'a number for a day' => [['bornOn' => 1e308], 'bornOn'];
        yield 'a day that is not' => [['bornOn' => '2010-02-30'], 'bornOn'];
        yield 'a height in metres' => [['profile' => ['heightCm' => 2]], 'profile.heightCm'];
        yield 'what nobody asks for' => [['profile' => ['photo' => 'x']], 'profile'];
    }

    /**
     * @param  array<string, mixed>  $said
     */
    #[DataProvider('wrong')]
    public function test_what_cannot_be_is_refused_with_its_place(array $said, string $path): void
    {
        $this->actingAs($this->member());
        $this->add([...self::SANA, ...$said])->assertStatus(422)->assertJsonPath('error.path', $path);
        self::assertSame(0, Athlete::query()->count());
    }

    /**
     * @param  array<string, mixed>  $facts
     */
    private function add(array $facts): TestResponse
    {
        return $this->postJson('/api/athletes', $facts);
    }
}
