<?php

declare(strict_types=1);

namespace App\Platform\Database;

use App\Platform\Encryption\Cipher;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use SensitiveParameter;
use stdClass;

/**
 * A request that makes something, under the key that its sender gave it. The row that remembers it is kept by digest
 * alone, and the answer is encrypted with the key itself: nobody but the sender can ask what it was.
 */
final readonly class MadeOnce
{
    private const TABLE = 'made_once';

    private string $id;

    private Cipher $cipher;

    /**
     * @param  string  $person  id of a user
     * @param  string  $digest  of method, address and body
     */
    public function __construct(string $person, #[SensitiveParameter] string $key, private string $digest)
    {
        $this->id = hash('sha256', "{$person} {$key}");
        $this->cipher = new Cipher(hash_hkdf('sha256', "{$person} {$key}", Cipher::KEY_BYTES, self::TABLE));
    }

    /** What was answered the first time; null where this is the first time. */
    public function earlier(): ?MadeBefore
    {
        $row = DB::table(self::TABLE)->find($this->id);

        return $row instanceof stdClass && \is_string($row->answer) && \is_int($row->status) ? new MadeBefore(
            $row->digest === $this->digest, $row->status, $this->cipher->decrypt($row->answer, $this->place()),
        ) : null;
    }

    /** Within the transaction of what it makes: another one with the same key waits here until that is over. */
    public function begin(): void
    {
        DB::table(self::TABLE)->insert([
            'id' => $this->id, 'digest' => $this->digest, 'created_at' => Date::now('UTC')->toDateTimeString(),
        ]);
    }

    public function answered(int $status, string $answer): void
    {
        DB::table(self::TABLE)->where('id', $this->id)
            ->update(['status' => $status, 'answer' => $this->cipher->encrypt($answer, $this->place())]);
    }

    private function place(): string
    {
        return self::TABLE.".answer.{$this->id}";
    }
}
