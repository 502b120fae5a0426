<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Access\Accounts\Demo;
use App\Access\Models\Membership;
use App\Access\Models\User;
use App\Access\Values\Role;
use App\Clinic\Examinations\Document;
use App\Clinic\Examinations\Signer;
use App\Clinic\Examinations\Start;
use App\Clinic\Examinations\Starter;
use App\Clinic\Letters\Letters;
use App\Clinic\Models\Examination;
use App\Clinic\Models\Task;
use App\Clinic\Proposals\Proposals;
use App\Clinic\ReferenceResults\ReferenceFacts;
use App\Clinic\ReferenceResults\ReferenceResults;
use App\Clinic\Tasks\TaskChange;
use App\Clinic\Tasks\Tasks;
use App\Clinic\Values\Channel;
use App\Clinic\Values\InjuryState;
use App\Clinic\Values\ReferenceAnswer;
use App\Clinic\Values\ReferenceKind;
use App\Clinic\Values\TaskKind;
use App\Clinic\Values\TaskState;
use App\Club\Models\Athlete;
use App\Club\Models\Doctor;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use Carbon\CarbonImmutable;
use GrayCompass\Core\Assessor;
use GrayCompass\Core\Examination\Treatment;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Side;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Date;

/**
 * A season of the made-up club, told in the order of its days.
 *
 * @phpstan-import-type Look from DemoSeason
 * @phpstan-import-type Past from DemoSeason
 */
final readonly class SeasonSeeder
{
    /** The person who was seen last longer ago than this is back, and nothing of theirs is due. */
    private const BACK_AFTER_DAYS = 25;

    private const HOUR = 10;

    public function __construct(
        private Starter $starter, private Signer $signer, private Assessor $assessor, private Figures $figures,
        private ReferenceResults $referenceResults, private Tasks $tasks, private Letters $letters, private Proposals $proposals,
    ) {
    }

    /**
     * @param  array<string, Athlete>  $athletes  by number
     */
    public function run(User $by, array $athletes): void
    {
        $today = Date::now();
        $last = [];
        foreach (self::inOrder(DemoSeason::all()) as [$ago, $key, $what, $look]) {
            Date::setTestNow($today->subDays($ago)->setTime(self::HOUR, $ago % 60));
            $episode = DemoSeason::all()[$key];
            match ($what) {
                'look' => $last[$key] = $this->look($athletes[$episode['of']], $by, $episode, $look),
                'operation' => $this->operation($last[$key], $by),
                'result' => $this->result($last[$key], $by, $episode),
            };
        }
        Date::setTestNow();
        foreach ($last as $examination) {
            $this->close($examination, $by, $today);
        }
        $this->due($by, $athletes, $today);
    }

    /**
     * Everything that happened to the club's knees, oldest first; an operation or a result comes before a visit of its day.
     *
     * @param  list<Past>  $episodes
     * @return list<array{int, int, 'look'|'operation'|'result', Look}> days ago, episode, what, and the look where it is one
     */
    private static function inOrder(array $episodes): array
    {
        $events = [];
        foreach ($episodes as $key => $episode) {
            foreach ($episode['looks'] as $look) {
                $events[] = [$look['ago'], $key, 'look', $look];
            }
            if (isset($episode['operated'])) {
                $events[] = [$episode['operated'], $key, 'operation', ['ago' => $episode['operated']]];
            }
            if (isset($episode['came'])) {
                $events[] = [$episode['came'][1], $key, 'result', ['ago' => $episode['came'][1]]];
            }
        }
        $isLook = static fn (string $what): int => $what === 'look' ? 1 : 0;
        usort($events, static fn (array $one, array $other): int => [$other[0], $isLook($one[2])] <=> [$one[0], $isLook($other[2])]);

        return $events;
    }

    /** The graft of a season's story. */
    private function operation(Examination $last, User $by): void
    {
        $this->referenceResults->add($last->episode, new ReferenceFacts(
            ReferenceKind::Operation, CarbonImmutable::now(),
            [new ReferenceAnswer(Condition::Acl, InjuryState::Present)], treated: Treatment::Reconstructed,
        ), $by);
    }

    /**
     * @param  Past  $episode
     */
    private function result(Examination $last, User $by, array $episode): void
    {
        [$kind, , $answers, $note] = $episode['came'] ?? ['', 0, [], ''];
        $said = [];
        foreach ($answers as $condition => $seen) {
            $said[] = new ReferenceAnswer(Condition::from($condition), InjuryState::from($seen));
        }
        $asked = $this->open($last)->firstWhere('kind', TaskKind::Referral);
        $this->referenceResults->add($last->episode, new ReferenceFacts(
            ReferenceKind::from($kind), CarbonImmutable::now(), $said, $kind === 'clinical_course' ? 7 : null, $note,
        ), $by, $asked);
    }

    /**
     * What the visits of this episode asked for, and is still open.
     *
     * @return Collection<int, Task>
     */
    private function open(Examination $of): Collection
    {
        return Task::query()->where('state', TaskState::Open)
            ->whereIn('examination_id', Examination::query()->where('episode_id', $of->episode_id)->select('id'))
            ->orderBy('id')->get();
    }

    /**
     * @param  Past  $episode
     * @param  Look  $look
     */
    private function look(Athlete $athlete, User $by, array $episode, array $look): Examination
    {
        $days = $episode['injured'] === null ? null : $episode['injured'] - $look['ago'];
        $side = Side::from($episode['side']);
        $examination = $this->starter->start($athlete, $by->id, new Start($side, $days, $this->figures->routes()->get(
            ($episode['baseline'] ?? false) ? 'baseline' : 'clinic_core',
        )));
        if ($look['otherHurt'] ?? false) {
            $frame = $examination->sections->firstOrFail('name', 'frame');
            $frame->update(['payload' => (object) [...(array) $frame->payload, 'otherKneeReliable' => false]]);
        }
        $sections = [
            'opening' => [...DemoKnees::CONSENT, ...($athlete->age(Date::now()) < 18 ? ['guardianConsent' => true] : [])],
            'history' => $days === null
                ? ['mechanism' => ['none_recalled'], 'gradualOnset' => true, 'swellingOnset' => 'none', 'painNow' => $look['pain'] ?? 0]
                : ['mechanism' => ['twist_on_planted_foot'], 'pop' => ($look['mm'] ?? 0) > 5, 'swellingOnset' => 'within_24_hours', 'painNow' => $look['pain'] ?? 0],
            'safety' => [...DemoKnees::CLEAR, ...DemoKnees::CLEAR_GRADUAL, 'limpHipLimited' => false],
        ];
        $operated = $episode['operated'] ?? null;
        if ($operated !== null && $look['ago'] < $operated) {
            $sections['episode'] = ['operated' => ['what' => 'acl', 'weeksAgo' => intdiv($operated - $look['ago'], 7)]];
        }
        $examination->sections()->whereIn('name', array_keys($sections))->delete();
        foreach ($sections as $name => $payload) {
            $examination->sections()->create([
                'examination_id' => $examination->id, 'name' => $name, 'version' => 1, 'saved_by' => $by->id,
                'payload' => (object) json_decode((string) json_encode($payload)),
            ]);
        }
        $this->records($examination, $by, DemoSeason::records($look, $side->value));
        $examination->update(['revision' => 1]);

        return $this->signer->sign($examination, $by, 1);
    }

    /**
     * What the knee does not allow is not done, as at any bench.
     *
     * @param  list<array{string, string, array<string, mixed>}>  $records
     */
    private function records(Examination $examination, User $by, array $records): void
    {
        $holds = $this->assessor->holds($this->assessor->read(
            Document::of($examination->load(['sections', 'records']))->content(),
        ));
        foreach ($records as $place => [$manoeuvre, $side, $payload]) {
            if ($holds->for($manoeuvre) === null) {
                $examination->records()->create([
                    'examination_id' => $examination->id, 'manoeuvre' => $manoeuvre, 'side' => $side, 'sequence' => $place,
                    'version' => 1, 'before_gate' => false, 'saved_by' => $by->id,
                    'payload' => (object) json_decode((string) json_encode($payload)),
                ]);
            }
        }
    }

    private function close(Examination $last, User $by, CarbonImmutable $today): void
    {
        $open = $this->open($last);
        $isLatest = static fn (Task $task): bool => $task->examination_id === $last->id;
        $open->reject($isLatest)->each(fn (Task $task) => $this->tasks->move(
            $task, new TaskChange(TaskState::Done, note: 'seen there'), $by,
        ));
        if ($last->examined_at->isBefore($today->subDays(self::BACK_AFTER_DAYS))) {
            $open->filter($isLatest)->each(fn (Task $task) => $this->tasks->move(
                $task, new TaskChange(TaskState::Done, note: 'back in training'), $by,
            ));
        }
    }

    /** The book of doctors; the one whom letters go to. */
    private function doctors(User $by): Doctor
    {
        foreach ([
            ['Dr Anselm Brook', 'sports medicine', 'Fenmoor Health Centre', "Mill Lane 4\nFenmoor", 'brook@fenmoor-health.example'],
            ['Dr Sunniva Hale', 'radiology', 'Hale Imaging', "Quay Street 11\nFenmoor", 'post@hale-imaging.example'],
            ['Dr Ines Falkner', 'knee surgery', 'Marsh End Hospital', "Hospital Road 1\nMarsh End", 'falkner@marsh-end.example'],
        ] as [$name, $field, $practice, $address, $email]) {
            $doctor = Doctor::query()->create(['team_id' => $by->teamId(), 'content' => [
                'name' => $name, 'field' => $field, 'practice' => $practice, 'address' => $address, 'email' => $email, 'phone' => '',
            ]]);
        }

        return $doctor;
    }

    /**
     * What is due whenever the demo is started: today, tomorrow, and an answer that is awaited.
     *
     * @param  array<string, Athlete>  $athletes
     */
    private function due(User $by, array $athletes, CarbonImmutable $today): void
    {
        $this->tasks->note($athletes['J17'], 'Tell him what the scan showed', $today->startOfDay(), $by);
        $this->tasks->note($athletes['H14'], 'Ring her guardian about the brace', $today->startOfDay(), $by);
        $this->tasks->note($athletes['T13'], 'Ask the ward for a date', $today->addDay()->startOfDay(), $by);
        $this->proposals->followUp(
            $athletes['J17'], 'Measure his thigh again before he runs', $today->addDays(3)->startOfDay(), self::student($by),
        );
        $asked = Task::query()->where('athlete_id', $athletes['T13']->id)->where('kind', TaskKind::Referral)->first();
        $about = $asked?->examination;
        if ($asked !== null && $about !== null) {
            $letter = $this->letters->begin($about, $this->doctors($by), $by);
            $this->letters->send($letter, $letter->version, Channel::Hand, [$asked->id], $by);
        }
    }

    /** Who learns here, with the demo's password. */
    private static function student(User $by): User
    {
        $student = User::query()->create([
            'name' => 'Nell Harrowgate', 'email' => Demo::STUDENT_EMAIL, 'password' => Demo::PASSWORD,
        ]);
        Membership::query()->create(['team_id' => $by->teamId(), 'user_id' => $student->id, 'role' => Role::Student]);
        app(AuditLog::class)->record(AuditEvent::MemberJoined, $student->id, ['role' => Role::Student->value], $student->refresh());

        return $student;
    }
}
