<?php

declare(strict_types=1);

namespace App\Clinic\AthleteFiles;

use RuntimeException;

/**
 * A folder for what is plain for a moment: in memory where the machine has such a place, readable by its owner alone,
 * and gone with what it was for. What a killed process left there goes within minutes, see `sweep`.
 */
final readonly class TemporaryFolder
{
    private const BEGINS = 'gc-passing-';

    /** Seconds; nothing is under way for longer. */
    private const LONGEST = 300;

    public string $path;

    public function __construct()
    {
        $this->path = self::place().'/'.self::BEGINS.getmypid().'-'.bin2hex(random_bytes(8));
        if (! mkdir($this->path, 0700)) {
            throw new RuntimeException('There is no room for what passes.');
        }
    }

    /** A new name in it. */
    public function file(): string
    {
        return (string) tempnam($this->path, 'part-');
    }

    public function remove(): void
    {
        self::removeFolder($this->path);
    }

    /** Folders that processes left behind which were killed. */
    public static function sweep(): void
    {
        foreach (glob(self::place().'/'.self::BEGINS.'*') ?: [] as $folder) {
            $made = @filemtime($folder);
            if ($made !== false && $made < time() - self::LONGEST) {
                self::removeFolder($folder);
            }
        }
    }

    private static function removeFolder(string $folder): void
    {
        array_map(static fn (string $file): bool => @unlink($file), glob("{$folder}/*") ?: []);
        @rmdir($folder);
    }

    private static function place(): string
    {
        return is_dir('/dev/shm') && is_writable('/dev/shm') ? '/dev/shm' : storage_path('framework/cache');
    }
}
