<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination;

use GrayCompass\Core\Knee\Condition;

/**
 * An earlier operation on this knee.
 *
 * @internal
 */
final readonly class Operation
{
    /** In the document, for a structure that is none of the nine. */
    public const OTHER = 'other';

    /** Weeks for which tests of an operated structure are not weighed. Working estimate: a graft's first year. */
    private const HEALING_WEEKS = 52;

    /** Weeks for which the surgeon's protocol rules. Working estimate. */
    private const PROTOCOL_WEEKS = 12;

    /**
     * @param  Condition|null  $structure  null: another than the nine
     * @param  int<0, max>  $weeksAgo  0–3000
     */
    public function __construct(public ?Condition $structure, public int $weeksAgo)
    {
    }

    public function isHealing(): bool
    {
        return $this->weeksAgo <= self::HEALING_WEEKS;
    }

    public function isRecent(): bool
    {
        return $this->weeksAgo <= self::PROTOCOL_WEEKS;
    }
}
