<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Models\User;
use App\Access\Values\Role;
use App\Clinic\Models\ReferenceResult;
use App\Clinic\Models\Task;
use App\Clinic\Values\TaskKind;
use App\Clinic\Values\TaskState;
use App\Exchange\Models\SentReferral;
use App\Exchange\Referrals\AskForAnswers;
use App\Exchange\Referrals\SendReferral;
use App\Exchange\Values\ReferralState;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Factory;
use Illuminate\Http\Client\Request;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Queue;
use PHPUnit\Framework\Attributes\DataProvider;

/** Referrals go to the hospital once, wait for it while it is away, and come back as a result that a person adds. */
final class SentReferralsTest extends FeatureTestCase
{
    use HospitalAnswers;

    private const HOSPITAL = 'http://hospital.example/fhir';

    private User $physio;

    protected function setUp(): void
    {
        parent::setUp();
        config(['exchange.hospital' => self::HOSPITAL]);
        $this->physio = $this->member(role: Role::Practitioner);
        $this->actingAs($this->physio);
    }

    public function test_a_referral_goes_out_once_as_a_service_request_with_the_athlete_in_it(): void
    {
        Http::fake();
        $task = $this->referral();
        $sent = $this->postJson("/api/tasks/{$task->id}/sent-referral")->assertStatus(202)->assertJsonPath('state', 'sent');
        $this->postJson("/api/tasks/{$task->id}/sent-referral")->assertStatus(202)->assertJsonPath('id', $sent->json('id'));

        self::assertSame(TaskState::Sent, $task->refresh()->state);
        Http::assertSentCount(1);
        Http::assertSent(function (Request $request) use ($sent, $task): bool {
            $body = $request->data();
            self::assertSame(['PUT', self::HOSPITAL."/ServiceRequest/{$sent->json('id')}"], [$request->method(), $request->url()]);
            self::assertSame(['active', 'order', '#patient'], [$body['status'], $body['intent'], $body['subject']['reference']]);
            self::assertSame($task->content['title'], $body['code']['text']);
            self::assertSame('left-knee', $body['bodySite'][0]['coding'][0]['code']);
            self::assertSame($task->athlete->born_on->toDateString(), $body['contained'][0]['birthDate']);

            return true;
        });
        $stored = SentReferral::query()->firstOrFail()->getRawOriginal('request');
        self::assertStringNotContainsString('ServiceRequest', (string) $stored);
    }

    public function test_what_is_no_open_referral_is_refused_and_without_a_hospital_nothing_is_sent(): void
    {
        Http::fake();
        $note = Task::query()->create([
            'team_id' => $this->physio->teamId(), 'athlete_id' => $this->athleteOf($this->physio)->id, 'kind' => TaskKind::ByHand,
            'state' => TaskState::Open, 'content' => ['title' => 'ring', 'why' => '', 'side' => null],
        ]);
        $this->postJson("/api/tasks/{$note->id}/sent-referral")->assertUnprocessable();
        $task = $this->referral();
        config(['exchange.hospital' => '']);
        $this->postJson("/api/tasks/{$task->id}/sent-referral")->assertUnprocessable();
        $this->getJson("/api/athletes/{$task->athlete_id}/sent-referrals")->assertJsonPath('isConnected', false);
        $this->actingAs($this->member('Marsh Rowing Club'));
        $this->postJson("/api/tasks/{$task->id}/sent-referral")->assertNotFound();
        Http::assertNothingSent();
    }

    public function test_while_the_hospital_is_away_it_is_tried_for_a_day_and_then_by_hand(): void
    {
        $isAway = true;
        Http::fake(function () use (&$isAway) {
            return $isAway ? throw new ConnectionException('no route') : Http::response('', 201);
        });
        $task = $this->referral();
        $id = (string) $this->postJson("/api/tasks/{$task->id}/sent-referral")->assertStatus(202)
            ->assertJsonPath('state', 'failed')->assertJsonPath('attempts', 10)->json('id');
        self::assertSame('the hospital does not answer', SentReferral::query()->findOrFail($id)->problem);

        $isAway = false;
        $this->postJson("/api/sent-referrals/{$id}/again")->assertStatus(202)
            ->assertJsonPath('state', 'sent')->assertJsonPath('attempts', 1)->assertJsonPath('problem', null);
    }

    public function test_the_next_attempt_waits_longer_and_one_that_was_made_is_not_made_again(): void
    {
        Queue::fake();
        Http::fake(['*' => Http::response('', 503)]);
        $task = $this->referral();
        $id = (string) $this->postJson("/api/tasks/{$task->id}/sent-referral")->json('id');
        app()->call([new SendReferral($id, 0), 'handle']);
        $referral = SentReferral::query()->findOrFail($id);
        self::assertSame([1, ReferralState::Waiting], [$referral->attempts, $referral->state]);
        self::assertStringContainsString('503', (string) $referral->problem);
        self::assertEqualsWithDelta(31.5, now()->diffInSeconds($referral->next_at, true), 3);
        app()->call([new SendReferral($id, 0), 'handle']);
        Http::assertSentCount(1);
        Queue::assertPushed(SendReferral::class, static fn (SendReferral $job): bool => $job->attempt === 1 && $job->delay >= 30);
    }

    public function test_what_the_hospital_refuses_is_not_tried_again(): void
    {
        Http::fake(['*' => Http::response('', 422)]);
        $task = $this->referral();
        $this->postJson("/api/tasks/{$task->id}/sent-referral")->assertJsonPath('state', 'failed')->assertJsonPath('attempts', 1);
    }

    public function test_its_report_becomes_a_result_of_the_knee_when_a_person_adds_it_and_closes_the_referral(): void
    {
        $referral = $this->sent();
        Http::fake(['*' => Http::response(self::hospitalAnswer($referral))]);
        $this->travel(2)->minutes();
        app(AskForAnswers::class)();
        $shown = $this->getJson("/api/athletes/{$referral->athlete_id}/sent-referrals")->json('referrals.0');
        self::assertSame(['answered', '2026-12-09T10:30:00Z'], [$shown['state'], $shown['appointmentAt']]);
        self::assertSame(0, ReferenceResult::query()->count());

        $this->postJson("/api/sent-referrals/{$referral->id}/result")->assertStatus(202)->assertJsonPath('state', 'added');
        $this->postJson("/api/sent-referrals/{$referral->id}/result")->assertUnprocessable();
        $result = ReferenceResult::query()->sole();
        self::assertSame(['acl', 'present'], [$result->content['answers'][0]['condition'], $result->content['answers'][0]['seen']]);
        self::assertSame(TaskState::Done, $referral->task->refresh()->state);
    }

    public function test_a_hospital_that_declines_is_shown_and_not_asked_again(): void
    {
        $referral = $this->sent();
        Http::fake(['*' => Http::response(['resourceType' => 'Bundle', 'entry' => [
            ['resource' => ['resourceType' => 'ServiceRequest', 'id' => $referral->id, 'status' => 'revoked']],
        ]])]);
        $this->postJson("/api/sent-referrals/{$referral->id}/again")->assertJsonPath('state', 'declined');
        $this->travel(2)->hours();
        app(AskForAnswers::class)();
        Http::assertSentCount(1);
    }

    /** @return iterable<string, array{callable(array<string, mixed>): mixed, string}> what becomes of the answer, and what is told */
    public static function unusable(): iterable
    {
        yield 'no JSON' => [static fn (): string => '<html>', 'JSON'];
        yield 'no bundle' => [static fn (): string => '[]', 'bundle'];
        yield 'another person' => [static function (array $bundle): array {
            $bundle['entry'][1]['resource']['birthDate'] = '1901-01-01';

            return $bundle;
        }, 'another person'];
        yield 'the other knee' => [static function (array $bundle): array {
            $bundle['entry'][4]['resource']['bodySite']['coding'][0]['code'] = 'right-knee';

            return $bundle;
        }, 'other knee'];
        yield 'an unknown condition' => [static function (array $bundle): array {
            $bundle['entry'][4]['resource']['code']['coding'][0]['code'] = 'toothache';

            return $bundle;
        }, 'condition'];
    }

    /** @param  callable(array<string, mixed>): mixed  $spoil */
    #[DataProvider('unusable')]
    public function test_an_answer_that_cannot_be_used_is_told_and_asked_for_again(callable $spoil, string $told): void
    {
        $referral = $this->sent();
        Http::fake(['*' => Http::response($spoil(self::hospitalAnswer($referral)))]);
        $answer = $this->postJson("/api/sent-referrals/{$referral->id}/again")->assertJsonPath('state', 'sent');

        self::assertStringContainsString($told, (string) $answer->json('problem'));
        self::assertNotNull($answer->json('nextAt'));
        $this->postJson("/api/sent-referrals/{$referral->id}/result")->assertUnprocessable();
    }

    public function test_a_report_of_another_request_or_one_that_is_not_finished_is_no_answer(): void
    {
        $referral = $this->sent();
        $answer = self::hospitalAnswer($referral);
        $other = $preliminary = $answer;
        $other['entry'][3]['resource']['basedOn'][0]['reference'] = 'ServiceRequest/another';
        $preliminary['entry'][3]['resource']['status'] = 'preliminary';
        Http::fakeSequence()->push($other)->push($preliminary);
        $this->postJson("/api/sent-referrals/{$referral->id}/again")->assertJsonPath('state', 'sent')->assertJsonPath('problem', null);
        $this->postJson("/api/sent-referrals/{$referral->id}/again")->assertJsonPath('state', 'sent');
    }

    public function test_of_several_reports_only_the_finished_one_of_this_referral_is_taken(): void
    {
        $referral = $this->sent();
        $answer = self::hospitalAnswer($referral);
        [$report, $observation] = [$answer['entry'][3], $answer['entry'][4]];
        $report['fullUrl'] = 'urn:h:early';
        $report['resource'] = ['id' => 'early', 'status' => 'preliminary', 'result' => [['reference' => 'Observation/o0']]] + $report['resource'];
        $observation['fullUrl'] = 'urn:h:o0';
        $observation['resource']['id'] = 'o0';
        $observation['resource']['code']['coding'][0]['code'] = 'pcl';
        array_splice($answer['entry'], 3, 0, [$report, $observation]);
        Http::fake(['*' => Http::response($answer)]);

        $this->postJson("/api/sent-referrals/{$referral->id}/again")->assertJsonPath('state', 'answered')
            ->assertJsonPath('found.answers.0.label', 'ACL tear')->assertJsonCount(1, 'found.answers');
    }

    /** An open referral of a signed examination. */
    private function referral(): Task
    {
        $id = $this->openedBy($this->physio);
        $this->save($id, 'records/lachman/right', ['translationMm' => 4, 'endFeel' => 'firm'])->assertOk();
        $this->save($id, 'records/lachman/left', ['translationMm' => 12, 'endFeel' => 'absent'])->assertOk();
        $this->postJson("/api/examinations/{$id}/signature", $this->seen($id))->assertOk();

        return Task::query()->where('kind', TaskKind::Referral)->with('athlete')->firstOrFail();
    }

    private function sent(): SentReferral
    {
        Http::fake(['*' => Http::response('', 201)]);
        $task = $this->referral();
        $id = (string) $this->postJson("/api/tasks/{$task->id}/sent-referral")->assertJsonPath('state', 'sent')->json('id');
        Http::swap(new Factory);

        return SentReferral::query()->with('task')->findOrFail($id);
    }
}
