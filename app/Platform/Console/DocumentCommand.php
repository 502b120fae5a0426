<?php

declare(strict_types=1);

namespace App\Clinic\Console;

use GrayCompass\Document\Json;
use GrayCompass\Document\Refusal;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\ConsoleOutputInterface;

/**
 * A command that reads one JSON document and answers with another. Refused input: exit code 2, and the
 * place and the reason as JSON on standard error.
 */
abstract class DocumentCommand extends Command
{
    private const REFUSED = 2;

    /**
     * @return array<string, mixed>
     *
     * @throws Refusal
     */
    abstract protected function answer(mixed $document): array;

    public function handle(): int
    {
        try {
            $this->output->writeln(
                Json::write($this->answer(Json::read($this->text()))),
                \Symfony\Component\Console\Output\OutputInterface::OUTPUT_RAW,
            );

            return self::SUCCESS;
        } catch (Refusal $refusal) {
            $output = $this->output->getOutput();
            $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
            $errors->writeln(
                Json::write(['error' => ['path' => $refusal->path, 'reason' => $refusal->reason]]),
                \Symfony\Component\Console\Output\OutputInterface::OUTPUT_RAW,
            );

            return self::REFUSED;
        }
    }

    private function text(): string
    {
        $name = $this->argument('file');
        $text = $name === '-'
            ? stream_get_contents(STDIN, Json::MAX_BYTES + 1)
            : (is_file($name) ? file_get_contents($name, length: Json::MAX_BYTES + 1) : false);

        return $text === false ? throw Refusal::ofTheWhole("{$name} cannot be read") : $text;
    }
}
