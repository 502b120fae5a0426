<?php

declare(strict_types=1);

namespace GrayCompass\Core\Catalogue;

/** Whether a positive sign is pain and no more: alone it says nothing of a condition that is unlikely. */
enum PainAlone: string
{
    case Always = 'always';
    /** Unless something clicked, blocked or gave way. */
    case UnlessMechanical = 'unless_mechanical';
}
