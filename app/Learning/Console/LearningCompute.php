<?php

declare(strict_types=1);

namespace App\Learning\Console;

use App\Platform\Console\DocumentCommand;
use GrayCompass\Learning\Learning;

final class LearningCompute extends DocumentCommand
{
    protected $signature = 'learning:compute {file : a file, or - for standard input}';

    protected $description = 'Agreement, calibration or own figures of a case; reads and prints JSON';

    protected function answer(mixed $document): array
    {
        return Learning::compute($document);
    }
}
