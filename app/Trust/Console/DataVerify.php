<?php

declare(strict_types=1);

namespace App\Trust\Console;

use App\Trust\Audit\Verifier;
use Illuminate\Console\Command;

final class DataVerify extends Command
{
    protected $signature = 'data:verify
        {--end=* : An end of a log that was kept elsewhere, COUNT:SEAL, as a mail or an exported log tells it}';

    protected $description = 'Say whether the record of who did what, and all that was signed, is as it was written';

    public function handle(Verifier $verifier): int
    {
        $faults = $verifier->faults(array_map(strval(...), (array) $this->option('end')));
        foreach ($faults as $fault) {
            $this->error($fault);
        }
        if ($faults === []) {
            $this->line('All audit entries and signatures are as they were written.');
        }

        return $faults === [] ? self::SUCCESS : self::FAILURE;
    }
}
