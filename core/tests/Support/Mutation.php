<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Support;

use GrayCompass\Inference\Tests\Support\SeededFigures;

/** A document with one thing changed, so that most often something is wrong with it. */
final class Mutation
{
    private const JUNK = [null, true, '', 'soft', -1, 0, 3.5, 1e9, [], ['x'], ['a' => 1]];

    /**
     * Somewhere in the document a value is changed, dropped, doubled or added.
     *
     * @param  array<mixed>  $document
     * @return array<mixed>
     */
    public static function of(array $document, SeededFigures $figures): array
    {
        $keys = array_keys($document);
        $isList = array_is_list($document);
        if ($keys === []) {
            return ['x' => self::JUNK[$figures->whole(0, count(self::JUNK) - 1)]];
        }
        $key = $keys[$figures->whole(0, count($keys) - 1)];
        if (is_array($document[$key]) && $figures->whole(0, 3) > 0) {
            $document[$key] = self::of($document[$key], $figures);

            return $document;
        }
        switch ($figures->whole(0, 3)) {
            case 0:
                unset($document[$key]);

                return $isList ? array_values($document) : $document;
            case 1:
                $document[] = $document[$key];

                return $document;
            default:
                $document[$key] = self::JUNK[$figures->whole(0, count(self::JUNK) - 1)];

                return $document;
        }
    }
}
