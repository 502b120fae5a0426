<?php

declare(strict_types=1);

namespace App\Clinic\Proposals;

use App\Access\Models\User;
use App\Access\Values\Ability;
use App\Clinic\Models\Episode;
use App\Clinic\Models\Proposal;
use App\Clinic\Models\Task;
use App\Clinic\ReferenceResults\ReferenceFacts;
use App\Clinic\ReferenceResults\ReferenceResults;
use App\Clinic\Tasks\TaskChange;
use App\Clinic\Tasks\Tasks;
use App\Clinic\Values\ProposalKind;
use App\Clinic\Values\ProposalState;
use App\Club\Models\Athlete;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use Carbon\CarbonImmutable;
use GrayCompass\Document\Refusal;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;

/**
 * What students propose. Until someone who answers for it takes it over, it counts nowhere; then it is entered as if
 * they had entered it themselves.
 */
final readonly class Proposals
{
    /** So long the person who made it is told how it was decided. */
    public const TOLD_DAYS = 14;

    private const SHOWN = 40;

    /** What its words are made from. */
    public const WITH = ['athlete', 'episode', 'task', 'maker', 'decider'];

    public function __construct(private ReferenceResults $referenceResults, private Tasks $tasks, private AuditLog $log)
    {
    }

    public function result(Episode $episode, ReferenceFacts $facts, User $by, ?Task $answers = null): Proposal
    {
        return $this->make(ProposalKind::Result, $episode->athlete_id, $by, $facts->content(), [
            'episode_id' => $episode->id, 'task_id' => $answers?->id,
        ]);
    }

    public function followUp(Athlete $athlete, string $title, CarbonImmutable $dueOn, User $by): Proposal
    {
        return $this->make(ProposalKind::FollowUp, $athlete->id, $by, [
            'title' => $title, 'dueOn' => $dueOn->toDateString(),
        ]);
    }

    /** @throws Refusal where nobody could do it either */
    public function change(Task $task, TaskChange $change, User $by): Proposal
    {
        $change->insistOn($task);

        return $this->make(ProposalKind::Change, $task->athlete_id, $by, $change->content(), ['task_id' => $task->id]);
    }

    /**
     * @throws Decided
     * @throws Refusal where it cannot be entered any more: what it is about was closed meanwhile
     */
    public function take(Proposal $proposal, User $by): void
    {
        DB::transaction(function () use ($proposal, $by): void {
            $open = self::locked($proposal);
            match ($open->kind) {
                ProposalKind::Result => $this->referenceResults->add(
                    $open->episode ?? throw Refusal::at('', __('clinic.proposals.this_injury_does_not_exist_any')),
                    ReferenceFacts::of($open->content),
                    $by,
                    $open->task,
                ),
                ProposalKind::FollowUp => $this->tasks->note(
                    $open->athlete, Arr::string($open->content, 'title'),
                    CarbonImmutable::parse(Arr::string($open->content, 'dueOn')), $by,
                ),
                ProposalKind::Change => $this->tasks->move(
                    $open->task ?? throw Refusal::at('', __('clinic.proposals.this_task_does_not_exist_any')),
                    TaskChange::of($open->content),
                    $by,
                ),
            };
            $this->decide($open, ProposalState::Taken, null, $by);
        });
    }

    /** @throws Decided */
    public function turnDown(Proposal $proposal, string $why, User $by): void
    {
        DB::transaction(fn () => $this->decide(self::locked($proposal), ProposalState::TurnedDown, $why, $by));
    }

    /** By the person who made it, as long as nobody has decided. @throws Decided */
    public function withdraw(Proposal $proposal): void
    {
        DB::transaction(function () use ($proposal): void {
            self::locked($proposal)->delete();
            $this->log->record(AuditEvent::ProposalWithdrawn, $proposal->athlete_id);
        });
    }

    /**
     * What waits for a decision; for its author also what was decided lately.
     *
     * @return Collection<int, Proposal> longest waiting first
     */
    public function waiting(User $for, ?Athlete $athlete = null): Collection
    {
        $shown = static fn (Builder $one): Builder => $for->can(Ability::Answer)
            ? $one->where('state', ProposalState::Open)
            : $one->where('state', ProposalState::Open)
                ->orWhere('decided_at', '>=', Date::now()->subDays(self::TOLD_DAYS));
        $proposals = Proposal::query()->with(self::WITH)->where($shown);
        $athlete === null || $proposals->where('athlete_id', $athlete->id);

        return $proposals->orderBy('id')->limit(self::SHOWN)->get();
    }

    /**
     * @param  array<string, mixed>  $content
     * @param  array<string, string|null>  $about
     */
    private function make(ProposalKind $kind, string $athlete, User $by, array $content, array $about = []): Proposal
    {
        return DB::transaction(function () use ($kind, $athlete, $by, $content, $about): Proposal {
            $made = Proposal::query()->create([
                'team_id' => $by->teamId(), 'athlete_id' => $athlete, 'kind' => $kind, 'state' => ProposalState::Open,
                'content' => $content, 'made_by' => $by->id, ...$about,
            ]);
            $this->log->record(AuditEvent::Proposed, $athlete, ['kind' => $kind->value]);

            return $made->load(self::WITH);
        });
    }

    private static function locked(Proposal $proposal): Proposal
    {
        $locked = Proposal::query()->lockForUpdate()->findOrFail($proposal->id);

        return $locked->state === ProposalState::Open ? $locked->load(self::WITH) : throw Decided::already();
    }

    private function decide(Proposal $proposal, ProposalState $as, ?string $why, User $by): void
    {
        $proposal->update(['state' => $as, 'why' => $why, 'decided_by' => $by->id, 'decided_at' => Date::now()]);
        $this->log->record(AuditEvent::ProposalDecided, $proposal->athlete_id, ['as' => $as->value]);
    }
}
