<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Models\User;
use App\Clinic\Models\Examination;
use App\Clinic\Models\Snapshot;
use App\Clinic\Models\Task;
use App\Clinic\Reports\SummaryWords;
use App\Clinic\Values\TaskKind;
use App\Platform\Audit\AuditEntry;
use App\Platform\Audit\AuditEvent;
use App\Trust\Audit\Verifier;
use GrayCompass\Core\Figures;
use Illuminate\Testing\TestResponse;

/** What an examination carries of the visits and scans before it. */
final class PastTest extends FeatureTestCase
{
    private const HELD = ['footStayedDown' => true, 'thighStable' => true, 'hamstringsRelaxed' => true];

    private const TORN = [['condition' => 'acl', 'seen' => 'present', 'grade' => 3]];

    private User $user;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-05-10 09:00:00');
        $this->user = $this->member();
    }

    public function test_a_second_visit_stands_on_the_first(): void
    {
        [$first, $second] = $this->visits();
        $document = $this->document($second);
        self::assertSame(
            [$first, '2026-05-10', 10, 4],
            [$document['earlier'][0]['id'], $document['earlier'][0]['examinedOn'], $document['earlier'][0]['daysAgo'],
                $document['earlier'][0]['daysSinceInjury']],
        );
        self::assertSame(['lachman right', 'lachman left'], array_map(
            static fn (array $one): string => "{$one['manoeuvre']} {$one['side']}", $document['earlier'][0]['findings'],
        ));
        self::assertArrayNotHasKey('known', $document);
        $results = collect($this->getJson("/api/examinations/{$second}")->json('assessment.results'));
        self::assertSame('2026-05-10', $results->firstWhere('finding', 'lachman')['carriedFrom']);
        self::assertGreaterThan(0.5, $this->acl($second)['posttest']);
        self::assertArrayNotHasKey('earlier', $this->document($first));
    }

    public function test_the_history_of_the_episode_comes_along_without_the_pain_of_its_day(): void
    {
        $first = $this->openedBy($this->user);
        $this->save($first, 'sections/history', ['pop' => true, 'swellingOnset' => 'within_2_hours', 'painNow' => 6])->assertOk();
        $this->save($first, 'sections/episode', [
            'medication' => 'none', 'injectionWeeksAgo' => 3, 'fluidDrawn' => 'blood', 'fluidDrawnDaysAgo' => 1,
            'operated' => ['what' => 'mcl', 'weeksAgo' => 60],
        ])->assertOk();
        $this->sign($first);
        $second = $this->again(14);
        $this->save($second, 'sections/history', ['pop' => false, 'swellingOnset' => 'within_2_hours'], 1)->assertOk();
        self::assertSame(
            ['pop' => true, 'swellingOnset' => 'within_2_hours', 'painNow' => 6],
            $this->getJson("/api/examinations/{$second}")->json('lastTime.history'),
            'what the last visit was told stands beside what is amended',
        );
        $document = $this->document($this->again(14));
        self::assertSame(['pop' => true, 'swellingOnset' => 'within_2_hours'], $document['history']);
        self::assertSame([4, 11, 61, 'none'], [
            $document['episode']['injectionWeeksAgo'], $document['episode']['fluidDrawnDaysAgo'],
            $document['episode']['operated']['weeksAgo'], $document['episode']['medication'],
        ]);
        self::assertArrayNotHasKey('history', $this->document($this->again(100, 'right')), 'of another knee nothing');
    }

    public function test_a_scan_is_known_from_then_on_and_a_signed_visit_stays_as_signed(): void
    {
        [$first, $second] = $this->visits();
        $this->scan($second, ['on' => '2026-05-19'])->assertCreated();
        self::assertSame(
            [['by' => 'mri', 'on' => '2026-05-19', 'daysAgo' => 1, 'episode' => 'this', 'results' => ['acl' => 'present'],
                'grade' => 'ACL tear grade 3', 'treated' => 'none']],
            $this->document($second)['known'],
        );
        $acl = $this->acl($second);
        self::assertSame(['by' => 'mri', 'on' => '2026-05-19', 'present' => true, 'before' => false], $acl['known']);
        $sent = array_column($this->getJson("/api/examinations/{$second}")->json('assessment.plan.sendOn'), 'rule');
        self::assertSame(['known_tear'], $sent);
        $this->sign($second);
        $kept = $this->document($second);
        $this->scan($second, ['kind' => 'operation', 'on' => '2026-05-20', 'treated' => 'reconstructed'])->assertCreated();
        self::assertSame($kept, $this->document($second));
        self::assertSame($acl['posttest'], $this->acl($second)['posttest']);
        self::assertArrayNotHasKey('known', $this->document($first), 'the first visit did not know');
        self::assertStringNotContainsString('daysAgo', (string) json_encode(Snapshot::query()->toBase()->get()));
        $later = $this->again(60);
        self::assertSame('withheld', $this->acl($later)['zone']);
        auth()->logout();
        self::assertSame([], app(Verifier::class)->faults());
    }

    public function test_a_new_injury_of_the_same_knee_knows_the_tear_and_leaves_the_visits_behind(): void
    {
        [$first] = $this->visits();
        $this->scan($first, ['on' => '2026-05-19'])->assertCreated();
        $this->travelTo('2027-03-01 09:00:00');
        $this->actingAs($this->user->refresh());
        $athlete = Examination::query()->with('episode')->findOrFail($first)->episode->athlete_id;
        $new = (string) $this->postJson("/api/athletes/{$athlete}/examinations", [
            'hurtSide' => 'left', 'daysSinceInjury' => 2, 'route' => 'clinic_full',
        ])->assertCreated()->json('id');
        $document = $this->document($new);
        self::assertArrayNotHasKey('earlier', $document);
        self::assertSame(['before', 'present'], [$document['known'][0]['episode'], $document['known'][0]['results']['acl']]);
        self::assertSame('confirmed', $this->acl($new)['zone']);
        self::assertSame(
            ['2027-02-27 after 2026-05-06', '2026-05-06 after nothing'],
            array_map(
                static fn (array $one): string => "{$one['injuredOn']} after ".($one['follows']['injuredOn'] ?? 'nothing'),
                $this->getJson("/api/athletes/{$athlete}")->json('episodes'),
            ),
        );
    }

    public function test_a_second_visit_asks_nobody_twice(): void
    {
        [$first, $second] = $this->visits();
        $asked = static fn (): array => Task::query()->where('kind', TaskKind::Referral)->orderBy('id')->get()
            ->map(static fn (Task $task): string => "{$task->state->value} {$task->due_on?->toDateString()}")->all();
        self::assertSame(['open 2026-05-24'], $asked());
        $this->consent($second);
        $this->sign($second);
        self::assertSame(['open 2026-05-24'], $asked(), 'confirmed: it is due no later');
        $open = Task::query()->where('kind', TaskKind::Referral)->where('state', 'open')->firstOrFail();
        $letter = $this->postJson("/api/examinations/{$second}/letters", ['doctor' => null])->assertCreated()->json('id');
        $this->getJson("/api/letters/{$letter}")->assertOk()->assertJsonPath('referrals.*.id', [$open->id]);
        $this->putJson("/api/tasks/{$open->id}", ['state' => 'sent'])->assertOk();
        $third = $this->again(20);
        $this->consent($third);
        $this->sign($third);
        self::assertSame(['sent 2026-05-24'], $asked(), 'its answer is awaited');
        $this->scan($third, ['on' => '2026-05-26'])->assertCreated();
        $fourth = $this->again(24);
        $this->consent($fourth);
        $this->sign($fourth);
        self::assertSame(['sent 2026-05-24'], $asked(), 'the surgeon who was asked treats what was found');
        self::assertSame($first, $this->document($fourth)['earlier'][2]['id']);
    }

    public function test_what_a_scan_has_answered_is_asked_otherwise(): void
    {
        [$first, $second] = $this->visits();
        $this->scan($first, ['on' => '2026-05-19'])->assertCreated();
        $this->consent($second);
        $this->sign($second);
        $tasks = Task::query()->where('kind', TaskKind::Referral)->orderBy('id')->get();
        self::assertSame(['done', 'open'], $tasks->map(static fn (Task $task): string => $task->state->value)->all());
        self::assertSame(['surgeon.knee.mri', 'surgeon.knee'], $tasks->map(static fn (Task $task): string => $task->content['to'] ?? '')->all());
        self::assertSame('2026-05-24', $tasks[1]?->due_on?->toDateString(), 'due no later');
    }

    public function test_a_known_tear_stands_on_paper_without_a_chance(): void
    {
        [, $second] = $this->visits();
        $this->scan($second, ['kind' => 'arthroscopy', 'on' => '2026-05-19'])->assertCreated();
        $this->consent($second);
        $this->sign($second);
        $this->get("/api/examinations/{$second}/summary.pdf")->assertOk();
        $words = new SummaryWords(app(Figures::class)->catalogue(), app(Figures::class)->signs(), app(Figures::class)->schools());
        self::assertSame('confirmed, arthroscopy 19 May 2026', $words->zone($this->acl($second)));
        self::assertSame('torn', $words->onDrawing($this->acl($second)));
        $athlete = Examination::query()->with('episode')->findOrFail($second)->episode->athlete_id;
        $line = $this->getJson("/api/athletes/{$athlete}")->json('examinations.0.came.found.0');
        self::assertSame(['ACL tear', 'confirmed'], [$line['label'], $line['zone']]);
        $this->scan($second, ['kind' => 'operation', 'on' => '2026-05-20', 'treated' => 'reconstructed'])->assertCreated();
        $later = $this->again(60);
        $this->consent($later);
        $this->sign($later);
        $this->get("/api/examinations/{$later}/summary.pdf")->assertOk();
        $line = $this->getJson("/api/athletes/{$athlete}")->json('examinations.0.came.found.0');
        self::assertSame(['ACL tear', 'withheld'], [$line['label'], $line['zone']]);
    }

    public function test_a_grade_by_feel_is_compared_where_nothing_was_measured(): void
    {
        [$first, $second] = $this->visits();
        $this->consent($second);
        $this->save($second, 'records/lachman/right', ['endFeel' => 'firm'])->assertOk();
        $this->save($second, 'records/lachman/left', ['differenceBand' => 'slight', 'endFeel' => 'firm', 'checks' => self::HELD])->assertOk();
        $this->sign($second);
        $episode = Examination::query()->findOrFail($first)->episode_id;
        $lines = collect($this->getJson("/api/episodes/{$episode}/comparison?before={$first}&after={$second}")->assertOk()->json());
        $lachman = $lines->firstWhere('what', 'Lachman, hurt minus other');
        self::assertSame([2, 1, 'better'], [$lachman['gradeBefore'], $lachman['gradeAfter'], $lachman['changeLabel']]);
    }

    private function consent(string $id): void
    {
        $this->save($id, 'sections/opening', ['consentGiven' => true])->assertOk();
        $this->save($id, 'sections/safety', self::CLEAR)->assertOk();
    }

    public function test_a_device_is_given_what_it_needs_to_judge_by_itself(): void
    {
        $first = $this->openedBy($this->user);
        $loose = ['translationMm' => 10, 'endFeel' => 'soft', 'note' => 'apprehensive', 'checks' => self::HELD];
        $this->save($first, 'records/lachman/left', $loose)->assertOk();
        $this->sign($first);
        $second = $this->again(14);
        $this->consent($second);
        $basis = $this->getJson("/api/examinations/{$second}")->assertOk()->json('basis');
        $document = $this->document($second);
        self::assertSame([$document['format'], $document['version']], [$basis['format'], $basis['version']]);
        self::assertSame([$first], array_column($basis['earlier'], 'id'));
        self::assertStringNotContainsString('apprehensive', (string) json_encode($basis['earlier']), 'a note is not judged');
        self::assertSame($first, $basis['before']['id']);
        self::assertNull($this->getJson("/api/examinations/{$first}")->json('basis'), 'nothing is entered on a signed one');
    }

    public function test_nobody_enters_a_past_by_hand(): void
    {
        [, $second] = $this->visits();
        $frame = collect($this->getJson("/api/examinations/{$second}")->json('sections'))->firstWhere('name', 'frame');
        $this->save($second, 'sections/frame', [...$frame['payload'], 'earlier' => []], $frame['version'])->assertStatus(422);
        $this->save($second, 'sections/frame', [...$frame['payload'], 'known' => []], $frame['version'])->assertStatus(422);
    }

    public function test_what_a_device_keeps_of_a_knee_is_what_an_examination_begins_with(): void
    {
        [$first, $second] = $this->visits();
        $this->save($second, 'sections/history', ['pop' => true, 'painNow' => 4])->assertOk();
        $this->scan($second, ['on' => '2026-05-19'])->assertCreated();
        $this->sign($second);
        $athlete = Examination::query()->with('episode')->findOrFail($first)->episode->athlete_id;
        // The day is over before the next visit, so that everything has been seen before it.
        $this->travel(1)->days();
        $this->actingAs($this->user->refresh());
        $kept = $this->getJson("/api/athletes/{$athlete}/past")->assertOk()->assertJsonPath('on', '2026-05-21')->json('knees');
        self::assertSame(
            [['left', '2026-05-06'], ['left', null], ['right', null], ['left', null]],
            array_map(static fn (array $knee): array => [$knee['hurtSide'], $knee['injuredOn']], $kept),
        );
        self::assertSame([false, false, false, true], array_column($kept, 'isBaseline'));
        foreach ([[0, 15, 'left', 'look_again'], [1, 0, 'left', 'clinic_core'], [2, 3, 'right', 'clinic_core'], [3, null, 'left', 'baseline']] as [$at, $days, $side, $route]) {
            $id = (string) $this->postJson("/api/athletes/{$athlete}/examinations", [
                'hurtSide' => $side, 'daysSinceInjury' => $days, 'route' => $route,
            ])->assertCreated()->json('id');
            $begun = $this->getJson("/api/examinations/{$id}")->json();
            self::assertEquals($begun['basis'], $kept[$at]['basis'], "{$side}, {$route}");
            $sections = array_column($begun['sections'], 'payload', 'name');
            self::assertEquals(array_diff_key($sections, ['frame' => true]), $kept[$at]['sections'], "{$side}, {$route}");
        }
        self::assertSame([2, 1], [\count($kept[0]['basis']['earlier']), \count($kept[0]['basis']['known'])]);
        self::assertSame(['pop' => true], $kept[0]['sections']['history']);
        self::assertSame(['before'], array_column($kept[1]['basis']['known'], 'episode'));
        self::assertSame(1, AuditEntry::query()->where('event', AuditEvent::EarlierVisitsKeptOnDevice)->where('subject', $athlete)->count());
        $this->actingAs($this->member('Another club'))->getJson("/api/athletes/{$athlete}/past")->assertNotFound();
    }

    /**
     * @return array{string, string} a signed visit with a loose Lachman, and one ten days later with nothing done yet
     */
    private function visits(): array
    {
        $first = $this->openedBy($this->user);
        $this->save($first, 'records/lachman/right', ['translationMm' => 3, 'endFeel' => 'firm'])->assertOk();
        $this->save($first, 'records/lachman/left', ['translationMm' => 10, 'endFeel' => 'soft', 'checks' => self::HELD])->assertOk();
        $this->sign($first);

        return [$first, $this->again(14)];
    }

    private function again(int $daysSinceInjury, string $side = 'left'): string
    {
        $first = Examination::query()->with('episode')->firstOrFail();
        $this->travelTo($first->episode->injured_on?->addDays($daysSinceInjury)->setTime(9, 0) ?? now());
        $this->actingAs($this->user->refresh());
        $begun = $this->postJson("/api/athletes/{$first->episode->athlete_id}/examinations", [
            'hurtSide' => $side, 'daysSinceInjury' => $daysSinceInjury, 'route' => 'look_again',
        ])->assertCreated();

        return (string) $begun->json('id');
    }

    private function sign(string $id): void
    {
        $this->postJson("/api/examinations/{$id}/signature", [...$this->seen($id), 'ungated' => 'for a test'])->assertOk();
    }

    /**
     * @param  array<string, mixed>  $said
     */
    private function scan(string $examination, array $said): TestResponse
    {
        $episode = Examination::query()->findOrFail($examination)->episode_id;

        return $this->postJson("/api/episodes/{$episode}/reference-results", ['kind' => 'mri', 'answers' => self::TORN, ...$said]);
    }

    /**
     * @return array<string, mixed>
     */
    private function acl(string $examination): array
    {
        return collect($this->getJson("/api/examinations/{$examination}")->json('assessment.conditions'))->firstWhere('id', 'acl');
    }

    /**
     * @return array<string, mixed>
     */
    private function document(string $examination): array
    {
        return (array) $this->getJson("/api/examinations/{$examination}/document")->assertOk()->json();
    }
}
