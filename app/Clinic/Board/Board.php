<?php

declare(strict_types=1);

namespace App\Clinic\Board;

use App\Access\Models\User;
use App\Access\Teams\TeamDays;
use App\Access\Values\Ability;
use App\Clinic\Models\Availability;
use App\Clinic\Models\Examination;
use App\Clinic\Models\StudentScope;
use App\Clinic\Models\Task;
use App\Clinic\Values\TaskKind;
use App\Clinic\Values\TaskState;
use GrayCompass\Core\Assessed\Assessment;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Plan\Activity;
use GrayCompass\Core\Plan\AvailabilityStatus;
use Illuminate\Support\Collection;

/**
 * Who may play: kept up by each signature, knee by knee, and told by the worse of the two. A coach sees those alone who
 * agreed, at each knee that was examined.
 */
final readonly class Board
{
    /** Worst first: a sound knee does not make up for the other. */
    private const WORST_FIRST = [AvailabilityStatus::Out, AvailabilityStatus::Modified, AvailabilityStatus::Available];

    public function __construct(private Figures $figures)
    {
    }

    /** Inside the transaction of the signature; of one knee the last word stands. */
    public function keep(Examination $examination, Assessment $assessment): void
    {
        $plan = $assessment->plan;
        $knee = ['athlete_id' => $examination->episode->athlete_id, 'side' => $examination->episode->hurt_side->value];
        if ($examination->episode->is_baseline && ! self::isWorse($plan->availability->status, $knee)) {
            return;
        }
        Availability::query()->where($knee)->delete();
        Availability::query()->create([
            'team_id' => $examination->team_id,
            ...$knee,
            'examination_id' => $examination->id,
            'content' => [
                'status' => $plan->availability->status->value,
                'notThis' => array_column($plan->availability->avoid, 'value'),
                'thisYes' => array_column($plan->availability->allowed, 'value'),
                // What is said to the coach is empty where nobody agreed to it.
                'coachMayKnow' => $assessment->words->forCoach() !== '',
            ],
        ]);
    }

    /**
     * A look at sound knees before the season takes back nothing that an injury asked for.
     *
     * @param  array{athlete_id: string, side: string}  $knee
     */
    private static function isWorse(AvailabilityStatus $status, array $knee): bool
    {
        $known = Availability::query()->where($knee)->first()?->content['status']
            ?? AvailabilityStatus::Available->value;
        $order = array_column(self::WORST_FIRST, 'value');

        return array_search($status->value, $order, true) < array_search($known, $order, true);
    }

    /**
     * By squad and name.
     *
     * @return list<array<string, mixed>>
     */
    public function for(User $user): array
    {
        $seesAll = $user->can(Ability::Examine);
        $knees = Availability::query()->has('athlete')->with('athlete')->get()->groupBy('athlete_id');
        $reviews = self::reviews(array_values($knees->keys()->all()));

        return array_values($knees
            ->map(fn (Collection $both, string $athlete): array => $this->row($both, $reviews->get($athlete)))
            ->filter(static fn (array $one): bool => $seesAll || $one['coachMayKnow'])
            ->sortBy(static fn (array $one): string => "{$one['squad']} {$one['name']}")
            ->all());
    }

    /**
     * When they are looked at again, by what is due: it is moved there, and done.
     *
     * @param  list<string>  $athletes  ids
     * @return Collection<array-key, Task> the first one of each
     */
    private static function reviews(array $athletes): Collection
    {
        return Task::query()->withoutGlobalScope(StudentScope::class)
            ->where('kind', TaskKind::LookAgain)->where('state', TaskState::Open)->whereIn('athlete_id', $athletes)
            ->orderByRaw('coalesce(due_from, due_on) is null, coalesce(due_from, due_on)')->get()
            ->unique('athlete_id')->keyBy('athlete_id')->toBase();
    }

    /**
     * Of both knees: the worse status, everything that either forbids, and only what both allow.
     *
     * @param  Collection<int, Availability>  $knees  of one athlete, at least one
     * @return array{squad: string, name: string, coachMayKnow: bool, ...}
     */
    private function row(Collection $knees, ?Task $review): array
    {
        $athlete = $knees->firstOrFail()->athlete;
        $contents = array_values($knees->map(static fn (Availability $one): array => $one->content)->all());
        $answers = array_column($contents, 'status');
        $worst = AvailabilityStatus::Out;
        foreach (self::WORST_FIRST as $status) {
            if (\in_array($status->value, $answers, true)) {
                $worst = $status;
                break;
            }
        }
        $limited = array_values(array_filter(
            $contents,
            static fn (array $one): bool => $one['status'] !== AvailabilityStatus::Available->value,
        ));
        $isOut = $worst === AvailabilityStatus::Out;
        $allowed = array_column($limited, 'thisYes');
        $avoid = array_unique(array_merge(...array_column($limited, 'notThis')));

        return [
            'athlete' => $athlete->id,
            'name' => $athlete->name,
            'number' => $athlete->number,
            'squad' => $athlete->squad,
            'alsoIn' => $athlete->alsoIn(),
            'status' => $worst->value,
            'label' => $worst->label(),
            'notThis' => $isOut ? [] : $this->named($avoid),
            'thisYes' => $isOut || $allowed === [] ? [] : $this->named(array_intersect(...$allowed)),
            'review' => $review === null ? null : [
                'from' => $review->due_from?->toDateString(),
                'by' => $review->due_on?->toDateString(),
                'isOverdue' => $review->isOverdue(TeamDays::here()->today()),
            ],
            // What was agreed for a time is over with it.
            'coachMayKnow' => $athlete->coachMayKnow(TeamDays::here()->today()) !== false
                && ! \in_array(false, array_column($contents, 'coachMayKnow'), true),
        ];
    }

    /**
     * @param  array<string>  $activities  codes
     * @return list<string> in words
     */
    private function named(array $activities): array
    {
        return array_values(array_map(
            fn (string $code): string => $this->figures->phrases()->words(Activity::from($code)->name()),
            $activities,
        ));
    }
}
