<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination;

/**
 * What another person found or reported: kept and shown, never weighed.
 *
 * @internal
 */
final readonly class EarlierFinding
{
    /**
     * @param  string  $what  1–2000 characters
     * @param  string  $by  who found or reported it; may be empty
     * @param  string  $on  when, as told; may be empty
     */
    public function __construct(public string $what, public string $by = '', public string $on = '')
    {
    }
}
