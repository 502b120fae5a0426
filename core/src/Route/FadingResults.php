<?php

declare(strict_types=1);

namespace GrayCompass\Core\Route;

use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Results\SettledResult;
use GrayCompass\Core\Sentences\Sentence;
use GrayCompass\Core\Verdict\Bearings;

/**
 * Carried results that are worth finding again: those that are about to expire, and laxity negatives of the first days,
 * whatever their sign, so that what is repeated is not chosen by its outcome. Days are working estimates.
 *
 * @internal
 */
final readonly class FadingResults
{
    /** So many days before it expires a result is offered for repeating. */
    private const SOON_DAYS = 3;

    /** @var array<string, Sentence> why, by manoeuvre */
    private array $why;

    public function __construct(Bearings $bearings)
    {
        $why = [];
        foreach ($bearings->results->results as $result) {
            $said = self::said($result, $bearings);
            if ($said !== null) {
                $why[$result->reading->manoeuvre()] ??= $said;
            }
        }
        $this->why = $why;
    }

    /** Why it is worth repeating; null where nothing it gave is fading. */
    public function of(Manoeuvre $manoeuvre): ?Sentence
    {
        return $this->why[$manoeuvre->id] ?? null;
    }

    private static function said(SettledResult $result, Bearings $bearings): ?Sentence
    {
        $sign = $result->reading->sign;
        if ($result->visit === null || $bearings->results->today->counted($sign) !== null) {
            return null;
        }
        $left = $bearings->signs->carriedDays($sign) - $result->visit->daysAgo;
        $values = ['sign' => ucfirst($bearings->signs->label($sign)), 'days' => $result->visit->daysAgo, 'left' => $left];

        return match (true) {
            $result->isNegative() && $result->isOfTheFirstDays() && $bearings->signs->isLaxity($sign) => new Sentence('next_test.negative_when_fresh', $values),
            $left >= 0 && $left <= self::SOON_DAYS => new Sentence('next_test.about_to_expire', $values),
            default => null,
        };
    }
}
