<?php

declare(strict_types=1);

namespace App\Clinic\History;

use App\Access\Models\User;
use App\Clinic\Models\Episode;
use App\Clinic\Models\Examination;
use App\Clinic\Models\Letter;
use App\Clinic\Models\Proposal;
use App\Clinic\Models\Task;
use App\Clinic\Proposals\Proposals;
use App\Club\Models\Athlete;
use Illuminate\Support\Collection;

/** All that the clinic holds of one athlete, as far as the asker may see it. */
final readonly class AthleteHistory
{
    /**
     * @param  Collection<int, Episode>  $episodes  each with its examinations, results and their files
     * @param  Collection<int, Task>  $tasks  newest first
     * @param  Collection<int, Letter>  $letters  newest first, each with its versions
     * @param  Collection<int, Proposal>  $proposals  oldest first
     */
    private function __construct(
        public Athlete $athlete,
        public Collection $episodes,
        public Collection $tasks,
        public Collection $letters,
        public Collection $proposals,
    ) {
    }

    /** As it stands on the athlete's page: of proposals those that wait, and for a student what became of their own. */
    public static function shown(Athlete $athlete, User $for, Proposals $proposals): self
    {
        return self::with($athlete, $proposals->waiting($for, $athlete));
    }

    /** Whole, for the archive. */
    public static function whole(Athlete $athlete): self
    {
        return self::with($athlete, Proposal::query()->where('athlete_id', $athlete->id)->with(Proposals::WITH)
            ->orderBy('id')->get());
    }

    /**
     * Each with its episode and athlete at hand.
     *
     * @return Collection<int, Examination>
     */
    public function examinations(): Collection
    {
        return $this->episodes
            ->flatMap(fn (Episode $episode): Collection => $episode->examinations->each->setRelation(
                'episode', $episode->setRelation('athlete', $this->athlete),
            ))
            ->values();
    }

    /**
     * @param  Collection<int, Proposal>  $proposals
     */
    private static function with(Athlete $athlete, Collection $proposals): self
    {
        return new self(
            $athlete,
            Episode::query()->where('athlete_id', $athlete->id)->with(['examinations', 'referenceResults.attachments'])->get(),
            Task::query()->where('athlete_id', $athlete->id)->with('examination')->orderByDesc('id')->get(),
            Letter::query()->where('athlete_id', $athlete->id)->with('versions.writer')->orderByDesc('id')->get(),
            $proposals,
        );
    }
}
