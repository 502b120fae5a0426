<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination;

use GrayCompass\Core\Knee\Condition;

/**
 * What references have shown of this knee, asked one condition at a time. Times are working estimates.
 *
 * @internal
 */
final readonly class KnownResults
{
    /** Days for which a treated meniscus, MCL or patella is not judged: about twelve months. */
    private const HEALING_DAYS = 365;

    /** Days for which the surgeon's protocol rules: about twelve weeks. */
    private const PROTOCOL_DAYS = 84;

    /** Ligaments whose graft or repair is never judged by the figures of a native one. */
    private const NEVER_AS_BEFORE = [Condition::Acl, Condition::Pcl, Condition::Plc, Condition::Lcl];

    private const MENISCI = [Condition::MedialMeniscus, Condition::LateralMeniscus];

    /** @var list<KnownResult> newest first */
    public array $all;

    /**
     * @param  list<KnownResult>  $results  in any order
     */
    public function __construct(array $results = [])
    {
        usort($results, static fn (KnownResult $a, KnownResult $b): int => $a->daysAgo <=> $b->daysAgo);
        $this->all = $results;
    }

    /**
     * The look of this episode that counts for a condition: inside the joint before an MRI, then the newest. None after
     * the structure was treated: what was seen before says nothing of what is there now.
     */
    public function look(Condition $condition): ?KnownResult
    {
        $looks = array_filter($this->all, fn (KnownResult $one): bool => ! $one->before && $one->by->finding() !== null
            && $one->shows($condition) !== null && ! $this->isTreatedSince($condition, $one));
        $inside = array_filter($looks, static fn (KnownResult $one): bool => $one->by->sawInside());
        $best = $inside === [] ? $looks : $inside;

        return $best === [] ? null : $best[array_key_first($best)];
    }

    /** The reference by which this injury is confirmed; null: none confirms it. */
    public function confirming(Condition $condition): ?KnownResult
    {
        $look = $this->look($condition);

        return $look?->by->sawInside() === true
            ? ($look->shows($condition) === true ? $look : null)
            : $this->oldTear($condition);
    }

    /** The look inside the joint, in this episode, that found no such injury. */
    public function excluding(Condition $condition): ?KnownResult
    {
        $look = $this->look($condition);

        return $look?->by->sawInside() === true && $look->shows($condition) === false ? $look : null;
    }

    /**
     * A tear of an earlier episode that nobody treated. A meniscus counts by a look inside only, and nothing counts
     * against a look inside in this episode.
     */
    public function oldTear(Condition $condition): ?KnownResult
    {
        if ($this->look($condition)?->by->sawInside() === true) {
            return null;
        }
        foreach ($this->all as $one) {
            $strong = $one->by->sawInside()
                || ($one->by === KnownBy::Mri && ! \in_array($condition, self::MENISCI, true));
            if ($one->before && $strong && $one->shows($condition) === true && ! $one->treats($condition)
                && ! $this->isTreatedSince($condition, $one)) {
                return $one;
            }
        }

        return null;
    }

    public function hasOldTear(): bool
    {
        return array_filter(Condition::cases(), fn (Condition $one): bool => $this->oldTear($one) !== null) !== [];
    }

    /** The newest treatment of this structure; null: none known. */
    public function treatment(Condition $condition): ?KnownResult
    {
        foreach ($this->all as $one) {
            if ($one->treats($condition)) {
                return $one;
            }
        }

        return null;
    }

    /** The structure was treated, and the figures of an untouched one do not hold. */
    public function isHealing(Condition $condition): bool
    {
        $treatment = $this->treatment($condition);

        return $treatment !== null
            && (self::neverAsBefore($condition) || $treatment->daysAgo <= self::HEALING_DAYS);
    }

    /** A graft or repair of this ligament is never judged by the figures of a native one. */
    public static function neverAsBefore(Condition $condition): bool
    {
        return \in_array($condition, self::NEVER_AS_BEFORE, true);
    }

    /** A treatment on record names the structure that was treated. */
    public function namesTreatment(): bool
    {
        foreach (Condition::cases() as $condition) {
            if ($this->treatment($condition) !== null) {
                return true;
            }
        }

        return false;
    }

    /** The newest operation on record is one that the surgeon's protocol still rules. */
    public function wasOperatedLately(): bool
    {
        return ($this->daysSinceOperation() ?? PHP_INT_MAX) <= self::PROTOCOL_DAYS;
    }

    /**
     * Days since the newest operation; null: none known.
     *
     * @return int<0, max>|null
     */
    public function daysSinceOperation(): ?int
    {
        foreach ($this->all as $one) {
            if ($one->isOperation()) {
                return $one->daysAgo;
            }
        }

        return null;
    }

    private function isTreatedSince(Condition $condition, KnownResult $look): bool
    {
        foreach ($this->all as $one) {
            if ($one->treats($condition) && $one->daysAgo <= $look->daysAgo) {
                return true;
            }
        }

        return false;
    }
}
