<?php

declare(strict_types=1);

namespace Tests\Architecture;

use FilesystemIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;

/** Which domain really knows which, counted in the `use` lines of app/. */
final class Arrows
{
    private const APP = __DIR__.'/../../app';

    /**
     * @return array<string, array<string, int>> from domain to domain: how many lines name it
     */
    public static function counted(): array
    {
        $arrows = array_fill_keys(Rooms::DOMAINS, []);
        $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator(self::APP, FilesystemIterator::SKIP_DOTS));
        foreach ($files as $file) {
            $from = explode('/', substr((string) $file, strlen(self::APP) + 1))[0];
            preg_match_all('/^use App\\\\(\w+)/m', (string) file_get_contents((string) $file), $used);
            foreach (isset($arrows[$from]) ? $used[1] : [] as $to) {
                $arrows[$from][$to] = ($arrows[$from][$to] ?? 0) + (int) ($to !== $from);
            }
        }

        return array_map(array_filter(...), $arrows);
    }

    /** As docs/architecture.md shows it. */
    public static function picture(): string
    {
        $lines = ['| Domain | Knows |', '|---|---|'];
        foreach (self::counted() as $domain => $known) {
            $names = array_values(array_intersect(Rooms::DOMAINS, array_keys($known)));
            $lines[] = "| {$domain} | ".($names === [] ? 'none' : implode(', ', $names)).' |';
        }

        return implode("\n", $lines)."\n";
    }
}
