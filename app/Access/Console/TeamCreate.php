<?php

declare(strict_types=1);

namespace App\Access\Console;

use App\Access\Models\Team;
use App\Access\Values\DateOrder;
use App\Access\Values\TeamSettings;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use Illuminate\Console\Command;

final class TeamCreate extends Command
{
    protected $signature = 'team:create {name : of the practice or club} {--zone=UTC : in which its days begin, such as Europe/Berlin} {--dates=dmy : dmy, mdy or ymd}';

    protected $description = 'Make a team; its first person comes by user:invite';

    public function handle(AuditLog $log): int
    {
        $name = trim($this->argument('name'));
        if ($name === '' || mb_strlen($name) > 255) {
            $this->error('name: it needs 1 to 255 letters.');

            return self::INVALID;
        }
        $zone = (string) $this->option('zone');
        $order = DateOrder::tryFrom((string) $this->option('dates'));
        if ($order === null || ! \in_array($zone, timezone_identifiers_list(), true)) {
            $this->error($order === null ? 'dates: it is one of dmy, mdy, ymd.' : "zone: “{$zone}” is no time zone.");

            return self::INVALID;
        }
        $team = Team::query()->create([
            'name' => $name, 'settings' => new TeamSettings(timeZone: $zone, dateOrder: $order),
        ]);
        $log->record(AuditEvent::TeamCreated, $team->id);
        $this->line($team->id);

        return self::SUCCESS;
    }
}
