<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination;

/** What took a figure, where it was not a hand. */
enum MeasuredWith: string
{
    /** The orientation sensor of a phone or tablet. */
    case Sensor = 'sensor';
    case Arthrometer = 'arthrometer';
    case Dynamometer = 'dynamometer';

    /** Came in with a file that does not say which instrument it was. */
    case File = 'file';
}
