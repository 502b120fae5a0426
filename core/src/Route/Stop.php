<?php

declare(strict_types=1);

namespace GrayCompass\Core\Route;

use GrayCompass\Core\Knee\Station;

/**
 * One position of the body, with what is done in it, in order.
 *
 * @internal
 */
final readonly class Stop
{
    /**
     * @param  list<string>  $manoeuvres  ids, at least one
     */
    public function __construct(public Station $station, public array $manoeuvres)
    {
    }
}
