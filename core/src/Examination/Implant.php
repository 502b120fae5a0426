<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination;

/** What was put into the hurt knee; the fixation of a graft is not one. */
enum Implant: string
{
    case None = 'none';
    /** One compartment was replaced. */
    case Partial = 'partial';
    /** The whole joint was replaced. */
    case Total = 'total';
    /** A plate, nail or other metal. */
    case Other = 'other';

    public function isPresent(): bool
    {
        return $this !== self::None;
    }
}
