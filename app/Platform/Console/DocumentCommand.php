<?php

declare(strict_types=1);

namespace App\Platform\Console;

use GrayCompass\Document\Json;
use GrayCompass\Document\Refusal;
use Illuminate\Console\Command;

/**
 * A command that reads one JSON document and answers with another. Refused input: exit code 2, and the
 * place and the reason as JSON on standard error.
 */
abstract class DocumentCommand extends Command
{
    use WritesJson;

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

    public function handle(): int
    {
        try {
            $this->write($this->answer(Json::read($this->text(), $this->most())));

            return self::SUCCESS;
        } catch (Refusal $refusal) {
            return $this->refuse($refusal);
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
