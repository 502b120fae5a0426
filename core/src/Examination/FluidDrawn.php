<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination;

/** What a needle drew from the knee. */
enum FluidDrawn: string
{
    case None = 'none';
    case Clear = 'clear';
    case Blood = 'blood';
    case BloodAndFat = 'blood_and_fat';
    case Cloudy = 'cloudy';
}
