<?php

declare(strict_types=1);

namespace App\Clinic\Values;

/** How a letter left. */
enum Channel: string
{
    case Mail = 'mail';
    case Hand = 'hand';

    public function label(): string
    {
        return match ($this) {
            self::Mail => __('clinic.channel.by_e_mail'),
            self::Hand => __('clinic.channel.by_hand_or_post'),
        };
    }
}
