<?php

declare(strict_types=1);

namespace GrayCompass\Core\Knee;

/** The inner (medial) or outer (lateral) side of a knee. */
enum Aspect: string
{
    case Medial = 'medial';
    case Lateral = 'lateral';

    public function opposite(): self
    {
        return $this === self::Medial ? self::Lateral : self::Medial;
    }
}
