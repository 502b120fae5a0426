<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Model;

/** What a finding showed. */
enum Outcome: string
{
    case Positive = 'positive';
    case Negative = 'negative';
}
