<?php

declare(strict_types=1);

namespace GrayCompass\Core\Sentences;

/** A language in which an athlete can read what was found. */
enum Language: string
{
    case English = 'en';
    case German = 'de';
    case Spanish = 'es';
    case French = 'fr';

    /**
     * @return non-empty-list<string> the codes of all but the original
     */
    public static function translations(): array
    {
        return [self::German->value, self::Spanish->value, self::French->value];
    }

    /** As practitioners call it. */
    public function label(): string
    {
        return $this->name;
    }

    /** The other ones stand beside it, and are translations of it. */
    public function isOriginal(): bool
    {
        return $this === self::English;
    }
}
