<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Support;

use GrayCompass\Core\Figures;
use GrayCompass\Core\Sentences\Phrases;
use GrayCompass\Core\Sentences\Sentence;

/** What a sentence says to a practitioner. */
final class English
{
    private static ?Phrases $phrases = null;

    /** Empty where there is nothing to say. */
    public static function of(?Sentence $sentence): string
    {
        self::$phrases ??= (new Figures)->phrases();

        return $sentence === null ? '' : self::$phrases->sentence($sentence);
    }

    /**
     * @param  list<Sentence>  $sentences
     * @return list<string>
     */
    public static function each(array $sentences): array
    {
        return array_map(self::of(...), $sentences);
    }
}
