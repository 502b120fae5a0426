<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination;

/**
 * One look at the pulse of the foot. The interval is a working estimate.
 *
 * @internal
 */
final readonly class PulseCheck
{
    /** Minutes between two looks while a limb may be in danger. */
    public const EVERY_MINUTES = 15;

    /**
     * @param  string  $at  moment, ISO 8601 with its zone
     * @param  string  $by  who felt; may be empty
     */
    public function __construct(public string $at, public bool $felt, public string $by = '')
    {
    }
}
