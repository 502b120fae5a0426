<?php

declare(strict_types=1);

namespace App\Exchange\Referrals;

use RuntimeException;

/** The hospital cannot be reached at this moment; later it may. */
final class HospitalAway extends RuntimeException
{
    public static function silent(): self
    {
        return new self(__('exchange.hospital.no_answer'));
    }

    /** @param  int  $status  of HTTP */
    public static function answered(int $status): self
    {
        return new self(__('exchange.hospital.answered', ['status' => $status]));
    }
}
