<?php

declare(strict_types=1);

namespace App\Trust\Console;

use App\Platform\Audit\Deeds;
use App\Platform\Audit\What;
use App\Platform\Encryption\KeyCheck;
use App\Platform\Encryption\Rotation;
use Illuminate\Console\Command;

final class KeysRotate extends Command
{
    protected $signature = 'keys:rotate';

    protected $description = 'Seal all records anew under the key at hand; the keys before it stand in APP_PREVIOUS_KEYS';

    public function handle(Rotation $rotation, KeyCheck $check, Deeds $deeds): int
    {
        if (! $check->passes()) {
            $this->error('Neither this key nor the ones before it open the records. Nothing was changed.');

            return self::FAILURE;
        }
        $bar = $this->output->createProgressBar($rotation->size());
        $changed = $rotation->run(static fn () => $bar->advance());
        $bar->finish();
        $check->renew();
        $deeds->record(What::KeysRotated, null, ['rows' => $changed]);
        $this->newLine();
        $this->line("{$changed} rows were sealed anew. The keys before this one open nothing any more.");

        return self::SUCCESS;
    }
}
