<?php

declare(strict_types=1);

namespace App\Platform\Encryption;

use Illuminate\Database\Eloquent\Model;
use RuntimeException;

/**
 * A model with 32 bytes of its own, made with it and encrypted with the master key, from which it outlives that key.
 *
 * @property string|null $secret base64, encrypted at rest
 *
 * @phpstan-require-extends Model
 *
 * @phpstan-require-implements HasEncryptedColumns
 */
trait HasSecret
{
    use EncryptedByMasterKey;

    protected static function bootHasSecret(): void
    {
        self::creating(static function (self $model): void {
            $model->secret ??= base64_encode(random_bytes(32));
        });
    }

    protected function initializeHasSecret(): void
    {
        $this->mergeCasts(['secret' => Encrypted::class]);
        $this->makeHidden('secret');
    }

    /** @return string 32 bytes in base64 */
    public function ownSecret(): string
    {
        return $this->secret ?? throw new RuntimeException(self::class.' was read without its secret.');
    }
}
