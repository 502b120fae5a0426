<?php

declare(strict_types=1);

namespace App\Trust\Console;

use App\Platform\Encryption\KeyCheck;
use Illuminate\Console\Command;

final class KeysCheck extends Command
{
    protected $signature = 'keys:check';

    protected $description = 'Say whether the key at hand opens the records of this database';

    public function handle(KeyCheck $check): int
    {
        if ($check->passes()) {
            $this->line('The key opens the records.');

            return self::SUCCESS;
        }
        $this->error('The key does not open the records of this database. Nothing was changed.');

        return self::FAILURE;
    }
}
