<?php

declare(strict_types=1);

namespace GrayCompass\Document;

use stdClass;

/** How a place in a document is written: keys joined by dots, list positions from 0 in brackets. */
final class Path
{
    public static function key(string $path, string $key): string
    {
        return $path === '' ? $key : "{$path}.{$key}";
    }

    public static function index(string $path, int $index): string
    {
        return "{$path}[{$index}]";
    }

    public static function parent(string $path): string
    {
        return substr($path, 0, \max((int) strrpos($path, '.'), (int) strrpos($path, '[')));
    }

    /** What stands at a place of a document; null where nothing does. */
    public static function value(mixed $document, string $path): mixed
    {
        foreach (preg_split('/[.\[\]]+/', $path, -1, PREG_SPLIT_NO_EMPTY) ?: [] as $step) {
            $document = match (true) {
                $document instanceof stdClass => $document->{$step} ?? null,
                \is_array($document) => $document[$step] ?? null,
                default => null,
            };
        }

        return $document;
    }
}
