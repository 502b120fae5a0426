<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Architecture;

/** Which room really knows which, counted in the `use` lines of the source. */
final class Arrows
{
    private const SOURCES = [
        'Document' => 'packages/document/src',
        'Inference' => 'packages/inference/src',
        'Learning' => 'packages/learning/src',
        'Core' => 'core/src',
    ];

    private const ROOT = __DIR__.'/../../..';

    /**
     * @return array<string, array<string, int>> from room to room: how many lines name it
     */
    public static function counted(): array
    {
        $arrows = [];
        foreach (self::SOURCES as $package => $folder) {
            $files = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(
                self::ROOT."/{$folder}",
                \FilesystemIterator::SKIP_DOTS,
            ));
            foreach ($files as $file) {
                $from = self::room($package.'\\'.str_replace(
                    '/',
                    '\\',
                    substr((string) $file, strlen(self::ROOT."/{$folder}/"), -4),
                ));
                preg_match_all('/^use GrayCompass\\\\([\w\\\\]+)/m', (string) file_get_contents((string) $file), $used);
                foreach ($used[1] as $class) {
                    $to = self::room($class);
                    if ($from !== $to) {
                        $arrows[$from][$to] = ($arrows[$from][$to] ?? 0) + 1;
                    }
                }
            }
        }
        ksort($arrows);

        return array_map(static function (array $targets): array {
            ksort($targets);

            return $targets;
        }, $arrows);
    }

    /** The picture of the rooms for docs/architecture.md, and the same as a table. */
    public static function picture(): string
    {
        $lines = ['```mermaid', 'flowchart LR'];
        foreach (self::counted() as $from => $targets) {
            foreach (array_keys($targets) as $to) {
                $lines[] = '    '.self::id($to).' --> '.self::id($from);
            }
        }
        $lines[] = '```';
        $lines[] = '';
        $lines[] = '| Room | Knows |';
        $lines[] = '|---|---|';
        foreach (self::counted() as $room => $targets) {
            $lines[] = "| {$room} | ".implode(', ', array_keys($targets)).' |';
        }

        return implode("\n", $lines)."\n";
    }

    /** `Core\Grading\Values\Laxity` lives in `Grading`, `Core\Assessor` is a door. */
    private static function room(string $class): string
    {
        $parts = explode('\\', $class);

        return match (true) {
            $parts[0] === 'Document' => 'Document',
            count($parts) === 2 => $parts[0] === 'Core' ? 'doors' : 'Inference',
            $parts[0] === 'Inference' => "Inference.{$parts[1]}",
            default => $parts[1],
        };
    }

    private static function id(string $room): string
    {
        return str_replace('.', '_', $room)."[{$room}]";
    }
}
