<?php

declare(strict_types=1);

namespace GrayCompass\Document;

/** What is wrong with a place in a document; the case order is the order in which faults are told. */
enum FaultKind: int
{
    case UnknownKey = 0;
    case MissingKey = 1;
    case Value = 2;
}
