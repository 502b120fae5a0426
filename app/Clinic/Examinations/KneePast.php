<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use App\Clinic\Models\Episode;
use stdClass;

/**
 * What an examination of one knee would know, were it begun now.
 *
 * @phpstan-import-type Parts from Basis
 */
final readonly class KneePast
{
    /**
     * @param  Episode  $episode  not stored where the injury is new
     * @param  array<string, array<string, mixed>|stdClass>  $sections  payloads with which it begins beside the frame
     * @param  Parts  $basis
     */
    public function __construct(public Episode $episode, public array $sections, public array $basis)
    {
    }
}
