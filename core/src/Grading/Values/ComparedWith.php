<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Values;

/** What a hurt knee was compared with. */
enum ComparedWith: string
{
    case Other = 'other';

    /** The same knee, on a day on which it was sound. */
    case Baseline = 'baseline';
}
