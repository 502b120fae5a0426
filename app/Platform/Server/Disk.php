<?php

declare(strict_types=1);

namespace App\Platform\Server;

/**
 * The disk that the records lie on. bin/start watches it every second, and marks it as full before the database would
 * notice.
 */
final readonly class Disk
{
    /** Of the whole disk; with less left it is told. */
    private const LOW = 0.1;

    /** Made by bin/start in the instance's folder while there is no room, see bin/lib/services.sh. */
    private const MARK = 'full';

    /** @param  string|null  $folder  of the instance; null where there is none to watch, as in a test */
    public function __construct(private ?string $folder)
    {
    }

    public function room(): Room
    {
        if ($this->folder === null) {
            return Room::Enough;
        }
        if ($this->isFull()) {
            return Room::Full;
        }
        $whole = disk_total_space($this->folder);
        $left = disk_free_space($this->folder);

        return $whole !== false && $left !== false && $left < $whole * self::LOW ? Room::Low : Room::Enough;
    }

    /** The one question that every save asks. */
    public function isFull(): bool
    {
        return $this->folder !== null && is_file("{$this->folder}/".self::MARK);
    }
}
