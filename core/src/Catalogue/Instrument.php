<?php

declare(strict_types=1);

namespace GrayCompass\Core\Catalogue;

/** What can take the figure of a field instead of a hand. */
enum Instrument: string
{
    /** The device laid on the limb: how far it tips against gravity. */
    case Incline = 'incline';

    /** The device laid on the limb: how far it turns about the vertical. */
    case Turn = 'turn';

    /** Displacement at a known force. */
    case Arthrometer = 'arthrometer';

    /** Force of a muscle. */
    case Dynamometer = 'dynamometer';
}
