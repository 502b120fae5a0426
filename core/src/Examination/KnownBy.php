<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination;

/** What showed a result for this knee, other than the hands of this product. */
enum KnownBy: string
{
    case Mri = 'mri';
    case Arthroscopy = 'arthroscopy';
    case Operation = 'operation';
    case Ultrasound = 'ultrasound';
    case Xray = 'xray';
    case Course = 'course';

    /** The finding whose figures it is weighed with; null: it is shown and not weighed. */
    public function finding(): ?string
    {
        return match ($this) {
            self::Mri => 'scan_mri',
            self::Arthroscopy, self::Operation => 'scope',
            default => null,
        };
    }

    /** The joint was looked into. */
    public function sawInside(): bool
    {
        return $this === self::Arthroscopy || $this === self::Operation;
    }

    public function label(): string
    {
        return match ($this) {
            self::Mri => 'MRI',
            self::Arthroscopy => 'arthroscopy',
            self::Operation => 'operation',
            self::Ultrasound => 'ultrasound',
            self::Xray => 'X-ray',
            self::Course => 'course',
        };
    }
}
