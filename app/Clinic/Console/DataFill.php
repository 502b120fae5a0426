<?php

declare(strict_types=1);

namespace App\Clinic\Console;

use App\Access\Models\Membership;
use App\Access\Models\Team;
use App\Clinic\Models\Episode;
use App\Clinic\Models\Section;
use App\Clinic\Values\ExaminationStatus;
use App\Club\Models\Athlete;
use GrayCompass\Core\Knee\Side;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Many made-up athletes and examinations, to see how lists bear them; for the demo alone. */
final class DataFill extends Command
{
    private const GIVEN = [
        'Ansa', 'Birk', 'Cato', 'Dorrit', 'Eskil', 'Fenna', 'Goran', 'Hedda', 'Ivar', 'Juna', 'Kees', 'Lumi',
    ];

    private const FAMILY = [
        'Aldermoor', 'Brackwater', 'Corrigan-Fen', 'Dunmire', 'Elverton', 'Fallowby', 'Greymarsh', 'Holloway-Tarn',
    ];

    private const SQUADS = ['Handball', 'Judo', 'Trampoline', 'Fell running'];

    private const AT_ONCE = 500;

    protected $signature = 'data:fill {--athletes=3000} {--examinations=100000}';

    protected $description = 'Fill the demo with many made-up athletes and examinations';

    public function handle(): int
    {
        if (! (bool) config('app.demo')) {
            $this->error('This is for the demo alone: nothing was made.');

            return self::FAILURE;
        }
        $team = Team::query()->oldest('id')->firstOrFail();
        $membership = Membership::query()->where('team_id', $team->id)->oldest('id')->firstOrFail();
        Auth::setUser($membership->user);
        $episodes = $this->athletes($team->id, (int) $this->option('athletes'));
        $this->examinations($team->id, $membership->user_id, $episodes, (int) $this->option('examinations'));
        $this->line('The demo is full.');

        return self::SUCCESS;
    }

    /**
     * @return list<string> an episode of each
     */
    private function athletes(string $team, int $count): array
    {
        $episodes = [];
        $bar = $this->output->createProgressBar($count);
        for ($n = 0; $n < $count; $n++) {
            $episodes[] = DB::transaction(function () use ($team, $n): string {
                $athlete = Athlete::query()->create([
                    'team_id' => $team,
                    'name' => self::GIVEN[$n % 12].' '.self::FAMILY[intdiv($n, 12) % 8],
                    'number' => sprintf('X%05d', $n),
                    'squad' => self::SQUADS[$n % 4],
                    'born_on' => Date::now()->subYears(15 + $n % 25)->subDays($n % 300),
                ]);

                return Episode::query()->create([
                    'athlete_id' => $athlete->id,
                    'hurt_side' => Side::Left,
                    'injured_on' => Date::now()->subDays($n % 400),
                ])->id;
            });
            $bar->advance();
        }
        $bar->finish();
        $this->newLine();

        return $episodes;
    }

    /**
     * @param  list<string>  $episodes
     */
    private function examinations(string $team, string $examiner, array $episodes, int $count): void
    {
        $bar = $this->output->createProgressBar($count);
        for ($from = 0; $from < $count; $from += self::AT_ONCE) {
            DB::transaction(function () use ($team, $examiner, $episodes, $from, $count): void {
                $rows = [];
                for ($n = $from; $n < min($count, $from + self::AT_ONCE); $n++) {
                    $rows[] = $this->examination($team, $examiner, $episodes[$n % \count($episodes)], $n);
                }
                DB::table('examinations')->insert($rows);
                DB::table('sections')->insert(array_map(
                    fn (array $row): array => $this->frame($row['id']), $rows,
                ));
            });
            $bar->advance(self::AT_ONCE);
        }
        $bar->finish();
        $this->newLine();
    }

    /**
     * One in five hundred is unfinished.
     *
     * @return array{id: string, ...}
     */
    private function examination(string $team, string $examiner, string $episode, int $n): array
    {
        $at = Date::now()->subMinutes($n * 7);
        $isDraft = $n % 500 === 0;

        return [
            'id' => strtolower((string) Str::ulid()),
            'team_id' => $team, 'episode_id' => $episode, 'examiner_id' => $examiner,
            'status' => ($isDraft ? ExaminationStatus::Draft : ExaminationStatus::Signed)->value,
            'examined_at' => $at, 'signed_at' => $isDraft ? null : $at,
            'signed_by' => $isDraft ? null : $examiner, 'revision' => 1, 'created_at' => $at, 'updated_at' => $at,
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private function frame(string $examination): array
    {
        $section = new Section([
            'examination_id' => $examination, 'name' => 'frame', 'version' => 1,
            'payload' => (object) [
                'hurtSide' => 'left', 'daysSinceInjury' => 4, 'setting' => 'acute_trauma', 'route' => 'clinic_full',
            ],
        ]);

        return $section->getAttributes();
    }
}
