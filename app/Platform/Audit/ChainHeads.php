<?php

declare(strict_types=1);

namespace App\Platform\Audit;

use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Log;

/**
 * The last entries of all hash chains, outside the database: a file for each team, with the number of entries and the
 * hash of the last. Shortening a chain in the database and mending its end does not change them.
 */
final readonly class ChainHeads
{
    /** @param  string|null  $folder  null: none are kept, as in a test */
    public function __construct(private ?string $folder)
    {
    }

    /** After the commit: a chain never ends before what stands here. */
    public function keep(string $team, int $count, string $hash): void
    {
        if ($this->folder === null) {
            return;
        }
        $path = $this->file($team);
        $file = @fopen($path, 'c+');
        if ($file === false || ! flock($file, LOCK_EX)) {
            // What was done stands all the same; the person who keeps the server reads that its end is not kept.
            Log::error('The end of a chain could not be kept outside the database.');

            return;
        }
        // Of two that commit at once the later one may come here first.
        if ((int) strtok((string) stream_get_contents($file), ' ') < $count) {
            rewind($file);
            ftruncate($file, 0);
            fwrite($file, "{$count} {$hash}\n");
        }
        fclose($file);
        // A command of the administrator writes for the servers' own account.
        if (fileowner($path) !== fileowner((string) $this->folder)) {
            @chown($path, (int) fileowner((string) $this->folder));
        }
    }

    /**
     * @return array<string, array{count: int, hash: string}> by team
     */
    public function all(): array
    {
        $heads = [];
        foreach ($this->folder === null ? [] : (glob("{$this->folder}/*") ?: []) as $path) {
            [$count, $hash] = [...explode(' ', trim(File::get($path)), 2), ''];
            $heads[basename($path)] = ['count' => (int) $count, 'hash' => $hash];
        }

        return $heads;
    }

    private function file(string $team): string
    {
        is_dir((string) $this->folder) || @mkdir((string) $this->folder, 0700);

        return "{$this->folder}/{$team}";
    }
}
