<?php

declare(strict_types=1);

namespace GrayCompass\Core\Catalogue;

/** What sort of value a field takes. */
enum FieldKind: string
{
    case Flag = 'flag';
    case Number = 'number';
    case Word = 'word';
    case Words = 'words';
    case Cells = 'cells';
}
