<?php

declare(strict_types=1);

namespace App\Clinic\Console;

use App\Platform\Console\DocumentCommand;
use GrayCompass\Core\Assessor;
use GrayCompass\Core\Wire\AssessmentWriter;

final class ExaminationAssess extends DocumentCommand
{
    protected $signature = 'examination:assess {file : a file, or - for standard input}';

    protected $description = 'Assess an examination document; reads and prints JSON';

    protected function answer(mixed $document): array
    {
        $assessor = new Assessor;

        return AssessmentWriter::write($assessor->assess($assessor->read($document)));
    }
}
