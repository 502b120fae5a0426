<?php

declare(strict_types=1);

namespace App\Exchange\Incoming;

use App\Exchange\Values\FileFormat;

/** A file that was understood: its examinations and results. */
final readonly class RecordFile
{
    /**
     * @param  list<Item>  $items
     * @param  list<string>  $unread  parts of the file that are none of them
     */
    public function __construct(public FileFormat $format, public array $items, public array $unread = [])
    {
    }
}
