<?php

declare(strict_types=1);

namespace App\Clinic\Today;

use App\Access\Models\User;
use App\Access\Values\Ability;
use App\Clinic\Examinations\Baselines;
use App\Clinic\Models\Examination;
use App\Clinic\Proposals\Proposals;
use App\Clinic\Tasks\Tasks;
use App\Clinic\Values\ExaminationStatus;
use App\Club\Models\Athlete;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Date;

/** Collects what a practitioner sees first. */
final readonly class FirstScreen
{
    /** Unfinished ones that are told without being asked for more; none is ever out of reach. */
    public const UNFINISHED_SHOWN = 40;

    private const SEEN_SHOWN = 5;

    private const ATHLETES_A_PAGE = 60;

    public function __construct(private Tasks $tasks, private Proposals $proposals)
    {
    }

    /**
     * @param  int  $unfinished  so many at most
     * @param  bool  $lacking  only athletes without a baseline to compare with
     */
    public function of(
        User $user, string $search, int $page, int $unfinished = self::UNFINISHED_SHOWN, bool $lacking = false,
    ): Today {
        return new Today(
            self::newest(self::unfinished($user), $unfinished),
            self::unfinished($user)->count(),
            self::newest(Examination::query()->where('status', ExaminationStatus::Signed), self::SEEN_SHOWN),
            Athlete::query()
                ->called($search)
                ->when($lacking, static fn (Builder $all) => Baselines::lacking($all, Date::now()))
                ->orderBy('squad')
                ->orderBy('number_order')
                ->paginate(self::ATHLETES_A_PAGE, page: $page),
            $unfinished === 0 ? new Collection : $this->tasks->due(),
            $unfinished === 0 ? new Collection : self::toSign(),
            $unfinished === 0 ? new Collection : $this->proposals->waiting($user),
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
     * Examinations that wait for a countersignature stand in a list of their own.
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
