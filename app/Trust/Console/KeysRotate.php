<?php

declare(strict_types=1);

namespace App\Trust\Console;

use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use App\Platform\Encryption\KeyCheck;
use App\Platform\Encryption\KeyRotation;
use Illuminate\Console\Command;

final class KeysRotate extends Command
{
    protected $signature = 'keys:rotate';

    protected $description = 'Re-encrypt everything under the key at hand; the keys before it stand in APP_PREVIOUS_KEYS';

    public function handle(KeyRotation $rotation, KeyCheck $check, AuditLog $log): int
    {
        if (! $check->passes()) {
            $this->error('Neither this key nor the ones before it open the records. Nothing was changed.');

            return self::FAILURE;
        }
        $bar = $this->output->createProgressBar($rotation->size());
        $changed = $rotation->run(static fn () => $bar->advance());
        $bar->finish();
        $check->renew();
        $log->record(AuditEvent::KeysRotated, null, ['rows' => $changed]);
        $this->newLine();
        $this->line("{$changed} rows were re-encrypted. The keys before this one open nothing any more.");

        return self::SUCCESS;
    }
}
