<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Readings;

/** Whether the tests that are left could take a condition out of its zone. */
enum Further: string
{
    case SingleCould = 'single_could';
    case OnlyTogether = 'only_together';
    case NoneWouldChange = 'none_would_change';
}
