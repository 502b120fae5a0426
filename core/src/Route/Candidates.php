<?php

declare(strict_types=1);

namespace GrayCompass\Core\Route;

use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Catalogue\ManoeuvreTrait;
use GrayCompass\Core\Catalogue\SignBook;
use GrayCompass\Core\Evidence\EvidenceLibrary;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Results\CoreSet;
use GrayCompass\Core\Results\SettledResults;
use GrayCompass\Core\Safety\SafetyGate;

/**
 * The signs still to be had: of the core set, and own tests of a condition. None while an emergency stands,
 * none that a rule closes.
 *
 * @internal
 */
final class Candidates
{
    /**
     * @return list<array{string, Manoeuvre}> each sign with the manoeuvre that gives it
     */
    public static function of(
        KneeExamination $examination,
        SafetyGate $gate,
        SettledResults $results,
        EvidenceLibrary $evidence,
        Catalogue $catalogue,
    ): array {
        if ($gate->isEmergency()) {
            return [];
        }
        $core = array_map(
            static fn (Manoeuvre $manoeuvre): string => $manoeuvre->id,
            CoreSet::of($examination, $catalogue),
        );
        $open = [];
        foreach ($catalogue->manoeuvres as $manoeuvre) {
            foreach ($gate->closing($manoeuvre) === [] ? $manoeuvre->feeds : [] as $sign) {
                $belongs = \in_array($manoeuvre->id, $core, true)
                    || self::isOwnTest($sign, $results->signs)
                    || $manoeuvre->has(ManoeuvreTrait::OnlyAfter);
                if (
                    $belongs
                    && ! isset($open[$sign])
                    && $results->today->counted($sign) === null
                    && $evidence->rows($sign) !== []
                    && self::isDue($manoeuvre, $results)
                ) {
                    $open[$sign] = [$sign, $manoeuvre];
                }
            }
        }

        return array_values($open);
    }

    private static function isOwnTest(string $sign, SignBook $signs): bool
    {
        return $signs->ownTestOf($sign) !== null;
    }

    private static function isDue(Manoeuvre $manoeuvre, SettledResults $results): bool
    {
        return ! $manoeuvre->has(ManoeuvreTrait::OnlyAfter)
            || $results->isPositive(...$manoeuvre->names(ManoeuvreTrait::OnlyAfter));
    }
}
