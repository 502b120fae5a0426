<?php

declare(strict_types=1);

namespace App\Clinic\Today;

use App\Access\Models\User;
use App\Access\Values\Ability;
use App\Clinic\Examinations\Baselines;
use App\Clinic\Models\Examination;
use App\Clinic\Models\Proposal;
use App\Clinic\Models\Task;
use App\Clinic\Proposals\Proposals;
use App\Clinic\Tasks\Tasks;
use App\Clinic\Values\ExaminationStatus;
use App\Club\Models\Athlete;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Pagination\LengthAwarePaginator;
use Illuminate\Support\Facades\Date;

/** What a practitioner sees first: what is unfinished, who was seen lately, and a page of the team's athletes. */
final readonly class Today
{
    /** Unfinished ones that are told without being asked for more; none is ever out of reach. */
    public const UNFINISHED_SHOWN = 40;

    private const SEEN_SHOWN = 5;

    private const ATHLETES_A_PAGE = 60;

    /**
     * @param  Collection<int, Examination>  $unfinished  newest first
     * @param  int  $unfinishedInAll  however many are told
     * @param  Collection<int, Examination>  $seen  newest first
     * @param  LengthAwarePaginator<int, Athlete>  $athletes  by squad and number
     * @param  Collection<int, Task>  $due  overdue first
     * @param  Collection<int, Examination>  $toSign  that somebody asked to have signed, longest first
     * @param  Collection<int, Proposal>  $proposals  longest waiting first
     */
    private function __construct(
        public Collection $unfinished,
        public int $unfinishedInAll,
        public Collection $seen,
        public LengthAwarePaginator $athletes,
        public Collection $due,
        public Collection $toSign,
        public Collection $proposals,
    ) {
    }

    /**
     * @param  int  $unfinished  so many at most
     * @param  bool  $lacking  only athletes without a baseline to compare with
     */
    public static function of(
        User $user, string $search, int $page, int $unfinished = self::UNFINISHED_SHOWN, bool $lacking = false,
    ): self {
        return new self(
            self::newest(self::unfinished($user), $unfinished),
            self::unfinished($user)->count(),
            self::newest(Examination::query()->where('status', ExaminationStatus::Signed), self::SEEN_SHOWN),
            Athlete::query()
                ->called($search)
                ->when($lacking, static fn (Builder $all) => Baselines::lacking($all, Date::now()))
                ->orderBy('squad')
                ->orderBy('number_order')
                ->paginate(self::ATHLETES_A_PAGE, page: $page),
            $unfinished === 0 ? new Collection : app(Tasks::class)->due(),
            $unfinished === 0 ? new Collection : self::toSign(),
            $unfinished === 0 ? new Collection : app(Proposals::class)->waiting($user),
        );
    }

    /**
     * @return Collection<int, Examination>
     */
    private static function toSign(): Collection
    {
        return Examination::query()
            ->where('status', ExaminationStatus::Draft)->whereNotNull('asked_at')
            ->with('episode.athlete')->orderBy('asked_at')->limit(self::UNFINISHED_SHOWN)->get();
    }

    /**
     * Whoever signs has those that wait for it in a list of their own.
     *
     * @return Builder<Examination>
     */
    private static function unfinished(User $user): Builder
    {
        $drafts = Examination::query()->where('status', ExaminationStatus::Draft);

        return $user->can(Ability::Sign) ? $drafts->whereNull('asked_at') : $drafts;
    }

    /**
     * @param  Builder<Examination>  $examinations
     * @return Collection<int, Examination>
     */
    private static function newest(Builder $examinations, int $most): Collection
    {
        return $examinations
            ->with('episode.athlete')
            ->orderByDesc('examined_at')
            ->limit($most)
            ->get();
    }
}
