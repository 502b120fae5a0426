<?php

declare(strict_types=1);

namespace App\Access\Mail;

/** What of an account is told to its owner. */
enum AccountChange: string
{
    case Password = 'password';
    case FactorOn = 'factor_on';
    case FactorOff = 'factor_off';

    public function label(): string
    {
        return match ($this) {
            self::Password => __('access.accountChange.password_changed'),
            self::FactorOn => __('access.accountChange.second_factor_turned_on'),
            self::FactorOff => __('access.accountChange.second_factor_turned_off'),
        };
    }
}
