<?php

declare(strict_types=1);

namespace GrayCompass\Document;

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
}
