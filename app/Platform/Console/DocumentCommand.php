<?php

declare(strict_types=1);

namespace App\Platform\Console;

use GrayCompass\Document\Json;
use GrayCompass\Document\Refusal;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * A command that reads one JSON document and answers with another. Refused input: exit code 2, and the
 * place and the reason as JSON on standard error.
 */
abstract class DocumentCommand extends Command
{
    private const REFUSED = 2;

    /**
     * @return array<array-key, mixed>
     *
     * @throws Refusal
     */
    abstract protected function answer(mixed $document): array;

    /** @return positive-int the most that the document may weigh, in bytes */
    protected function most(): int
    {
        return Json::MAX_BYTES;
    }

    /** Beside the answer: JSON on standard error. */
    protected function remark(mixed $remark): void
    {
        $output = $this->output->getOutput();
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        $errors->writeln(Json::write($remark), OutputInterface::OUTPUT_RAW);
    }

    public function handle(): int
    {
        try {
            $this->output->writeln(
                Json::write($this->answer(Json::read($this->text(), $this->most()))),
                OutputInterface::OUTPUT_RAW,
            );

            return self::SUCCESS;
        } catch (Refusal $refusal) {
            $this->remark(['error' => ['path' => $refusal->path, 'reason' => $refusal->reason]]);

            return self::REFUSED;
        }
    }

    private function text(): string
    {
        $name = $this->argument('file');
        $text = $name === '-'
            ? stream_get_contents(STDIN, $this->most() + 1)
            : (is_file($name) ? file_get_contents($name, length: $this->most() + 1) : false);

        return $text === false ? throw Refusal::ofTheWhole("{$name} cannot be read") : $text;
    }
}
