<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Models\User;
use App\Clinic\Models\Availability;
use App\Clinic\Models\Examination;
use App\Club\Models\Athlete;
use App\Trust\Audit\Verifier;
use Database\Seeders\DemoKnees;
use Illuminate\Testing\TestResponse;

/** Both knees while they are sound, and what they are worth once both are hurt. */
final class BaselinesTest extends FeatureTestCase
{
    private const HELD = ['footStayedDown' => true, 'thighStable' => true, 'hamstringsRelaxed' => true];

    private User $user;

    private Athlete $athlete;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-03-02 09:00:00');
        $this->user = $this->member();
        $this->athlete = $this->athleteOf($this->user);
        $this->actingAs($this->user);
    }

    public function test_it_stands_in_for_the_other_knee_where_that_is_hurt_too_and_says_so(): void
    {
        $baseline = $this->baseline();
        $this->travelTo('2026-05-10 09:00:00');
        $this->actingAs($this->user->refresh());
        $id = $this->begun('right');
        $this->lachman($id, 'right', 9);
        $this->lachman($id, 'left', 8);
        $look = $this->getJson("/api/examinations/{$id}");
        $look->assertJsonPath('assessment.measurements.0.comparedWith', 'other')
            ->assertJsonPath('assessment.measurements.0.difference', 1)
            ->assertJsonPath('baseline.examination', $baseline)->assertJsonPath('baseline.daysAgo', 69);
        self::assertSame(
            [['lachman', 'left', 4.0], ['lachman', 'right', 3.0]],
            collect($look->json('baseline.records'))->sortBy('side')->values()
                ->map(static fn (array $one): array => [$one['manoeuvre'], $one['side'], (float) $one['numbers'][0]['value']])->all(),
        );
        self::assertObjectNotHasProperty('baseline', (object) $this->getJson("/api/examinations/{$id}/document")->json());

        $frame = collect($look->json('sections'))->firstWhere('name', 'frame');
        $this->save($id, 'sections/frame', [...$frame['payload'], 'otherKneeReliable' => false], $frame['version'])->assertOk();
        $this->getJson("/api/examinations/{$id}")->assertJsonPath('assessment.measurements.0.comparedWith', 'baseline')
            ->assertJsonPath('assessment.measurements.0.other', 3)->assertJsonPath('assessment.measurements.0.grade', 2);
        $this->getJson("/api/examinations/{$id}/document")->assertJsonPath('baseline.on', '2026-03-02');
        $this->postJson("/api/examinations/{$id}/signature", $this->seen($id))->assertOk();
        $this->get("/api/examinations/{$id}/summary.pdf")->assertOk();
        auth()->logout();
        self::assertSame([], app(Verifier::class)->faults(), 'and nobody needs to be logged in to find it unchanged');
    }

    public function test_it_is_neither_compared_with_after_two_years_nor_before_it_is_signed(): void
    {
        $this->baseline();
        $this->travelTo('2028-03-10 09:00:00');
        $this->actingAs($this->user->refresh());
        self::assertNull(Examination::query()->findOrFail($this->begun('left'))->baseline_id);
        $draft = $this->start('left', 'baseline', null)->json('id');
        self::assertNull(Examination::query()->findOrFail($this->begun('left'))->baseline_id);
        $this->postJson("/api/examinations/{$draft}/signature", $this->seen((string) $draft))->assertOk();
        self::assertSame($draft, Examination::query()->findOrFail($this->begun('left'))->baseline_id);
    }

    public function test_before_a_season_one_sees_who_has_none_to_be_compared_with(): void
    {
        $other = $this->athleteOf($this->user);
        $ids = fn (string $more = ''): array => collect($this->getJson("/api/today?lacking=baseline{$more}")->assertOk()
            ->json('athletes'))->pluck('id')->sort()->values()->all();
        self::assertSame(collect([$this->athlete->id, $other->id])->sort()->values()->all(), $ids());
        $draft = $this->start('left', 'baseline', null)->json('id');
        self::assertContains($this->athlete->id, $ids(), 'before it is signed it is none');
        $this->postJson("/api/examinations/{$draft}/signature", $this->seen((string) $draft))->assertOk();
        self::assertSame([$other->id], $ids());
        $this->travelTo('2028-03-10 09:00:00');
        $this->actingAs($this->user->refresh());
        self::assertContains($this->athlete->id, $ids(), 'after two years it is none any more');
        $this->getJson('/api/today?lacking=number')->assertStatus(422)->assertJsonPath('error.path', 'lacking');
    }

    public function test_a_baseline_has_no_injury_no_hurt_side_and_a_story_of_its_own(): void
    {
        $this->start('left', 'baseline', 3)->assertStatus(422)->assertJsonPath('error.path', 'daysSinceInjury');
        $baseline = $this->baseline();
        $other = $this->start('right', 'baseline', null)->assertCreated()->json('id');
        $hurt = $this->start('left', 'clinic_core', null)->json('id');
        [$one, $two, $three] = array_map(
            static fn (mixed $id): string => Examination::query()->findOrFail($id)->episode_id, [$baseline, $other, $hurt],
        );
        self::assertSame([$one, true], [$two, $one !== $three]);
        $this->putJson("/api/examinations/{$other}/knee", ['hurtSide' => 'right', 'daysSinceInjury' => 3, 'version' => 1])
            ->assertStatus(422)->assertJsonPath('error.path', 'hurtSide');
        $episode = collect($this->getJson("/api/athletes/{$this->athlete->id}")->json('episodes'))->firstWhere('isBaseline', true);
        self::assertSame($one, $episode['id']);
    }

    public function test_neither_a_baseline_nor_a_hurt_knee_becomes_the_other_on_the_bench(): void
    {
        foreach ([['baseline', null, 'clinic_core'], ['clinic_core', null, 'baseline'], ['clinic_core', 4, 'baseline']] as [$begun, $days, $turned]) {
            $id = (string) $this->start('left', $begun, $days)->json('id');
            $frame = collect($this->getJson("/api/examinations/{$id}")->json('sections'))->firstWhere('name', 'frame');
            $this->save($id, 'sections/frame', [...$frame['payload'], 'route' => $turned], 1)
                ->assertStatus(422)->assertJsonPath('error.path', 'route');
        }
    }

    public function test_sound_knees_take_nobody_back_onto_the_board(): void
    {
        $id = $this->begun('left');
        $this->lachman($id, 'left', 11);
        $this->postJson("/api/examinations/{$id}/signature", $this->seen($id))->assertOk();
        $told = static fn (): array => Availability::query()->get()
            ->map(static fn (Availability $one): array => [$one->examination_id, $one->content['status']])->all();
        $before = $told();
        self::assertNotSame('available', $before[0][1]);
        $this->baseline();
        self::assertSame($before, $told());
    }

    public function test_a_visit_is_compared_with_the_same_knee_while_it_was_sound(): void
    {
        $baseline = $this->baseline();
        $this->travelTo('2026-05-10 09:00:00');
        $this->actingAs($this->user->refresh());
        $id = $this->begun('right');
        $this->lachman($id, 'right', 9);
        $this->postJson("/api/examinations/{$id}/signature", $this->seen($id))->assertOk();
        $episode = Examination::query()->findOrFail($id)->episode_id;
        $this->getJson("/api/episodes/{$episode}/course")->assertOk()
            ->assertJsonPath('baselines.0.examination', $baseline)->assertJsonCount(1, 'visits');
        $lines = $this->getJson("/api/episodes/{$episode}/comparison?before={$baseline}&after={$id}")->assertOk()->json();
        self::assertSame([], array_filter((array) $lines, static fn (array $one): bool => $one['unit'] === 'of 100'));
    }

    /** Signed, on the day on which it is called: 4 mm on the left, 3 mm on the right. */
    private function baseline(): string
    {
        $id = (string) $this->start('left', 'baseline', null)->assertCreated()->json('id');
        $this->consent($id);
        $this->lachman($id, 'left', 4);
        $this->lachman($id, 'right', 3);
        $this->postJson("/api/examinations/{$id}/signature", $this->seen($id))->assertOk();

        return $id;
    }

    private function begun(string $side): string
    {
        $id = (string) $this->start($side, 'clinic_core', 4)->assertCreated()->json('id');
        $this->consent($id);

        return $id;
    }

    private function consent(string $id): void
    {
        $this->save($id, 'sections/opening', ['consentGiven' => true, 'guardianConsent' => true])->assertOk();
        $this->save($id, 'sections/safety', [...self::CLEAR, ...DemoKnees::CLEAR_GRADUAL, 'limpHipLimited' => false])->assertOk();
    }

    private function start(string $side, string $route, ?int $days): TestResponse
    {
        return $this->postJson("/api/athletes/{$this->athlete->id}/examinations", [
            'hurtSide' => $side, 'daysSinceInjury' => $days, 'route' => $route,
        ]);
    }

    private function lachman(string $id, string $side, int $millimetres): void
    {
        $this->save($id, "records/lachman/{$side}", [
            'translationMm' => $millimetres, 'endFeel' => $millimetres > 5 ? 'soft' : 'firm', 'checks' => self::HELD,
        ])->assertOk();
    }
}
