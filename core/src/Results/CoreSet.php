<?php

declare(strict_types=1);

namespace GrayCompass\Core\Results;

use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Catalogue\ManoeuvreTrait;
use GrayCompass\Core\Examination\KneeExamination;

/**
 * What every knee is examined by before anything else, in its listed order.
 *
 * @internal
 */
final class CoreSet
{
    /**
     * On the touchline it is what can be done there.
     *
     * @return list<Manoeuvre>
     */
    public static function of(KneeExamination $examination, Catalogue $catalogue): array
    {
        if ($examination->route->isTouchline()) {
            return [...$catalogue->with(ManoeuvreTrait::First), ...$catalogue->with(ManoeuvreTrait::Touchline)];
        }
        $trait = $examination->isAfterInjury() ? ManoeuvreTrait::CoreAfterInjury : ManoeuvreTrait::CoreWithoutInjury;
        $core = $catalogue->with($trait);
        usort($core, static fn (Manoeuvre $a, Manoeuvre $b): int => $a->amount($trait) <=> $b->amount($trait));

        return $core;
    }

    /** Recorded on the hurt knee, measured or left out with a reason. */
    public static function isDone(Manoeuvre $manoeuvre, KneeExamination $examination): bool
    {
        return $examination->hurt($manoeuvre->id) !== null || $examination->leftOut($manoeuvre->id) !== null;
    }
}
