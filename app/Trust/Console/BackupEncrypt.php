<?php

declare(strict_types=1);

namespace App\Trust\Console;

use App\Trust\Backup\BackupCipher;
use Illuminate\Console\Command;
use RuntimeException;
use Symfony\Component\Console\Output\ConsoleOutputInterface;

/** From standard input to standard output; the passphrase comes by the environment, never as an argument. */
final class BackupEncrypt extends Command
{
    protected $signature = 'backup:seal {--open : open a sealed backup instead}';

    protected $description = 'Seal a backup with BACKUP_PASSPHRASE, or open one';

    public function handle(): int
    {
        try {
            $seal = new BackupCipher((string) getenv('BACKUP_PASSPHRASE'));
            $this->option('open') ? $seal->open(STDIN, STDOUT) : $seal->close(STDIN, STDOUT);

            return self::SUCCESS;
        } catch (RuntimeException $refused) {
            $output = $this->output->getOutput();
            ($output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output)
                ->writeln($refused->getMessage());

            return self::FAILURE;
        }
    }
}
