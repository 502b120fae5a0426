<?php

declare(strict_types=1);

namespace GrayCompass\Core\Course;

/** Where the value of a curve comes from. */
enum How: string
{
    /** Hurt minus other, of one field; none where the other knee says nothing of a sound one. */
    case Difference = 'difference';

    /** One field of the hurt knee; of several manoeuvres the greatest. */
    case Hurt = 'hurt';

    /** The grade of fluid that was judged. */
    case Fluid = 'fluid';

    /** As the athlete said. */
    case Pain = 'pain';
}
