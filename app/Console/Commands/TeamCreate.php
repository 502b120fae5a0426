<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Audit\Deeds;
use App\Audit\What;
use App\Models\Team;
use Illuminate\Console\Command;

final class TeamCreate extends Command
{
    protected $signature = 'team:create {name : of the practice or club}';

    protected $description = 'Make a team; its first person comes by user:create';

    public function handle(Deeds $deeds): int
    {
        $name = trim($this->argument('name'));
        if ($name === '' || mb_strlen($name) > 255) {
            $this->error('name: it needs 1 to 255 letters.');

            return self::INVALID;
        }
        $team = Team::query()->create(['name' => $name]);
        $deeds->record(What::TeamCreated, $team->id);
        $this->line($team->id);

        return self::SUCCESS;
    }
}
