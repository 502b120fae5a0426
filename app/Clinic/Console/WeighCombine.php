<?php

declare(strict_types=1);

namespace App\Clinic\Console;

use App\Platform\Console\DocumentCommand;
use GrayCompass\Core\Arithmetic;

final class WeighCombine extends DocumentCommand
{
    protected $signature = 'weigh:combine {file : a file, or - for standard input}';

    protected $description = 'Combine base rates and results into chances; reads and prints JSON';

    public function __construct(private readonly Arithmetic $arithmetic)
    {
        parent::__construct();
    }

    protected function answer(mixed $document): array
    {
        // A worked example holds its input beside the expected output; it may be given as it is.
        if ($document instanceof \stdClass && isset($document->input) && ! isset($document->conditions)) {
            $document = $document->input;
        }

        return $this->arithmetic->written($this->arithmetic->weigh($document));
    }
}
