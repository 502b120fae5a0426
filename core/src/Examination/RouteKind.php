<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination;

/** Which manoeuvres a route takes. */
enum RouteKind: string
{
    /** The core set, then what is worth doing next. */
    case Core = 'core';

    /** What can be done at the edge of the field. */
    case Touchline = 'touchline';

    case All = 'all';

    /** Both knees while they are sound: what later knees are compared with, named by the manoeuvres themselves. */
    case Baseline = 'baseline';

    /** Every manoeuvre that the evidence aims at certain conditions. */
    case Aimed = 'aimed';

    /** What the examination before left open. */
    case OpenBefore = 'open_before';
}
