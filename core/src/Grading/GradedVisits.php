<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading;

use GrayCompass\Core\Examination\EarlierVisit;
use WeakMap;

/**
 * The gradings of earlier visits, each made once however often it is asked for.
 *
 * @internal
 */
final class GradedVisits
{
    /** @var WeakMap<EarlierVisit, Grading> */
    private WeakMap $made;

    public function __construct()
    {
        $this->made = new WeakMap;
    }

    public function of(EarlierVisit $visit): Grading
    {
        return $this->made[$visit] ??= Grading::of($visit->examination());
    }
}
