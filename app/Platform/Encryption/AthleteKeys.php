<?php

declare(strict_types=1);

namespace App\Platform\Encryption;

use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Builder;

/**
 * One data key for each athlete, under which all that is known of them is encrypted; it is kept encrypted with the master
 * key. Without the row of the athlete nothing of theirs opens any more, wherever a copy of it may lie.
 */
final class AthleteKeys
{
    /** @var array<string, Cipher> by athlete */
    private array $ciphers = [];

    /** @var array<string, string> athlete by `examination ID` or `episode ID` */
    private array $owners = [];

    public function __construct(private readonly MasterKey $records, private readonly ConnectionInterface $database)
    {
    }

    /** A new data key, encrypted, for an athlete with this id. */
    public function make(string $athlete): string
    {
        $key = random_bytes(Cipher::KEY_BYTES);
        $this->ciphers[$athlete] = new Cipher($key);

        return $this->records->encrypt($key, self::place($athlete));
    }

    /** The box of an athlete whose row is at hand. */
    public function from(string $athlete, string $encrypted): Cipher
    {
        return $this->ciphers[$athlete] ??= new Cipher($this->records->decrypt($encrypted, self::place($athlete)));
    }

    /** @throws DecryptionFailed where the athlete is erased */
    public function ofAthlete(string $athlete): Cipher
    {
        if (isset($this->ciphers[$athlete])) {
            return $this->ciphers[$athlete];
        }
        $encrypted = $this->database->table('athletes')->where('id', $athlete)->value('data_key');

        return is_string($encrypted) ? $this->from($athlete, $encrypted) : throw DecryptionFailed::keyOf("athlete {$athlete}");
    }

    /** @throws DecryptionFailed where the athlete is erased */
    public function ofEpisode(string $episode): Cipher
    {
        return $this->of("episode {$episode}", static fn (Builder $athletes): Builder => $athletes
            ->where('episodes.id', $episode));
    }

    /** @throws DecryptionFailed where the athlete is erased */
    public function ofExamination(string $examination): Cipher
    {
        return $this->of("examination {$examination}", static fn (Builder $athletes): Builder => $athletes
            ->join('examinations', 'examinations.episode_id', '=', 'episodes.id')
            ->where('examinations.id', $examination));
    }

    /**
     * @param  callable(Builder): Builder  $narrowed
     */
    private function of(string $what, callable $narrowed): Cipher
    {
        if (isset($this->owners[$what])) {
            return $this->ciphers[$this->owners[$what]];
        }
        $athletes = $this->database->table('athletes')->join('episodes', 'episodes.athlete_id', '=', 'athletes.id');
        $found = $narrowed($athletes)->first(['athletes.id', 'athletes.data_key', 'episodes.id as episode']);
        [$athlete, $key, $of] = [$found->id ?? null, $found->data_key ?? null, $found->episode ?? null];
        if (! is_string($athlete) || ! is_string($key) || ! is_string($of)) {
            throw DecryptionFailed::keyOf($what);
        }
        $this->owners[$what] = $this->owners["episode {$of}"] = $athlete;

        return $this->from($athlete, $key);
    }

    private static function place(string $athlete): string
    {
        return "athletes.data_key.{$athlete}";
    }
}
