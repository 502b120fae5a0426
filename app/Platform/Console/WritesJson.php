<?php

declare(strict_types=1);

namespace App\Platform\Console;

use GrayCompass\Document\Json;
use GrayCompass\Document\Refusal;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * Answers with JSON on standard output, and refuses with place and reason as JSON on standard error.
 *
 * @phpstan-require-extends Command
 */
trait WritesJson
{
    /** Exit code where the input is refused. */
    private const REFUSED = 2;

    protected function write(mixed $answer): void
    {
        $this->output->writeln(Json::write($answer), OutputInterface::OUTPUT_RAW);
    }

    /** Beside the answer: JSON on standard error. */
    protected function remark(mixed $remark): void
    {
        $output = $this->output->getOutput();
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        $errors->writeln(Json::write($remark), OutputInterface::OUTPUT_RAW);
    }

    protected function refuse(Refusal $refusal): int
    {
        $this->remark(['error' => ['path' => $refusal->path, 'reason' => $refusal->reason]]);

        return self::REFUSED;
    }
}
