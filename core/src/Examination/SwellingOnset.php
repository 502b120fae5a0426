<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination;

/** How soon the knee swelled after the injury. */
enum SwellingOnset: string
{
    case WithinTwoHours = 'within_2_hours';
    case WithinADay = 'within_24_hours';
    case None = 'none';
}
