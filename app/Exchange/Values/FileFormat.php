<?php

declare(strict_types=1);

namespace App\Exchange\Values;

/** What a file with records turned out to be. */
enum FileFormat: string
{
    case Document = 'document';
    case JsonLines = 'json_lines';
    case Zip = 'zip';
    case Bundle = 'bundle';
    case ResultTable = 'result_table';
}
