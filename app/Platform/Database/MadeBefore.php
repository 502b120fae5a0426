<?php

declare(strict_types=1);

namespace App\Platform\Database;

/** What a request with the same key was answered. */
final readonly class MadeBefore
{
    /**
     * @param  bool  $isSame  whether it asked for the same
     * @param  string  $answer  JSON
     */
    public function __construct(public bool $isSame, public int $status, public string $answer)
    {
    }
}
