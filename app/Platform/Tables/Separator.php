<?php

declare(strict_types=1);

namespace App\Platform\Tables;

/** What stands between the cells of a table; named, it is for a spreadsheet, and marked as UTF-8. */
enum Separator: string
{
    case Comma = 'comma';
    case Semicolon = 'semicolon';
    /** For programs: commas, and no mark before the first head. */
    case None = '';

    public function sign(): string
    {
        return $this === self::Semicolon ? ';' : ',';
    }
}
