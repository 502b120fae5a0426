<?php

declare(strict_types=1);

namespace App\Clinic\Values;

use finfo;

/** What may stand beside a result: told by its content, whatever it is called. */
enum FileType: string
{
    case Pdf = 'application/pdf';
    case Png = 'image/png';
    case Jpeg = 'image/jpeg';

    public static function of(string $content): ?self
    {
        return self::tryFrom((string) (new finfo(FILEINFO_MIME_TYPE))->buffer($content));
    }

    public function suffix(): string
    {
        return match ($this) {
            self::Pdf => 'pdf',
            self::Png => 'png',
            self::Jpeg => 'jpg',
        };
    }
}
