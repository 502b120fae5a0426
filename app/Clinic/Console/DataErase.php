<?php

declare(strict_types=1);

namespace App\Clinic\Console;

use App\Clinic\AthleteFiles\Erasure;
use App\Club\Models\Athlete;
use App\Platform\Database\TeamScope;
use App\Trust\Models\ErasedAthlete;
use Illuminate\Console\Command;

/** For records that a restored backup brought back, though they had been erased since. */
final class DataErase extends Command
{
    protected $signature = 'data:erase {athlete?* : ids} {--reason=erased before, and back by a backup} {--list : print the ids of all that were erased}';

    protected $description = 'Erase athletes by their ids, or say which were';

    public function handle(Erasure $erasure): int
    {
        if ($this->option('list')) {
            foreach (ErasedAthlete::query()->withoutGlobalScope(TeamScope::class)->orderBy('id')->get() as $stub) {
                $this->line($stub->id);
            }

            return self::SUCCESS;
        }
        $gone = 0;
        foreach ((array) $this->argument('athlete') as $id) {
            $athlete = Athlete::withTrashed()->withoutGlobalScope(TeamScope::class)->find($id);
            if ($athlete !== null) {
                $erasure->erase($athlete, (string) $this->option('reason'), null);
                $gone++;
            }
        }
        $this->line("{$gone} erased.");

        return self::SUCCESS;
    }
}
