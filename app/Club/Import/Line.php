<?php

declare(strict_types=1);

namespace App\Club\Import;

use App\Club\Values\AthleteFacts;

/** One line of a list, and what becomes of it. */
final readonly class Line
{
    /**
     * @param  int  $row  in the file, the heads being row 1
     * @param  AthleteFacts|null  $facts  null where it cannot be read
     * @param  string  $why  empty for a new athlete
     * @param  string  $written  the line as it stood there
     */
    public function __construct(
        public int $row,
        public LineStatus $status,
        public ?AthleteFacts $facts,
        public string $why,
        public string $written,
    ) {
    }

    public static function refused(int $row, string $why, string $written): self
    {
        return new self($row, LineStatus::Refused, null, $why, $written);
    }
}
