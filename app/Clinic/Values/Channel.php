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
            self::Mail => 'by e-mail',
            self::Hand => 'by hand or post',
        };
    }
}
