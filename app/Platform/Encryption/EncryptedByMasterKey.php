<?php

declare(strict_types=1);

namespace App\Platform\Encryption;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * For rows that belong to no athlete: encrypted with the master key itself.
 *
 * @phpstan-require-extends Model
 *
 * @phpstan-require-implements HasEncryptedColumns
 */
trait EncryptedByMasterKey
{
    use HasUlids;

    public function basis(array $attributes): array
    {
        return ['id' => $attributes['id'] ?? $this->newUniqueId()];
    }

    public function encrypter(array $attributes): Encrypter
    {
        return app(MasterKey::class);
    }
}
