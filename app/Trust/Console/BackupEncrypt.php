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
    protected $signature = 'backup:encrypt {--decrypt : decrypt a backup instead}';

    protected $description = 'Encrypt a backup with BACKUP_PASSPHRASE, or decrypt one';

    public function handle(): int
    {
        try {
            $cipher = new BackupCipher((string) getenv('BACKUP_PASSPHRASE'));
            $this->option('decrypt') ? $cipher->decrypt(STDIN, STDOUT) : $cipher->encrypt(STDIN, STDOUT);

            return self::SUCCESS;
        } catch (RuntimeException $refused) {
            $output = $this->output->getOutput();
            ($output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output)
                ->writeln($refused->getMessage());

            return self::FAILURE;
        }
    }
}
