<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination;

/** What was done to the structures that a reference showed torn. */
enum Treatment: string
{
    case None = 'none';
    case Repaired = 'repaired';
    case Reconstructed = 'reconstructed';
    case Removed = 'removed';
    case Replaced = 'replaced';
}
