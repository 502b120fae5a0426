<?php

declare(strict_types=1);

namespace App\Platform\Encryption;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use LogicException;

/**
 * For rows of an examination: encrypted with the data key of the athlete examined. Which examination it is must be said
 * before anything of it is.
 *
 * @phpstan-require-extends Model
 *
 * @phpstan-require-implements HasEncryptedColumns
 */
trait EncryptedByExamination
{
    use HasUlids;

    public function basis(array $attributes): array
    {
        return ['id' => $attributes['id'] ?? $this->newUniqueId()];
    }

    public function encrypter(array $attributes): Encrypter
    {
        $examination = $attributes['examination_id'] ?? null;

        return is_string($examination)
            ? app(AthleteKeys::class)->ofExamination($examination)
            : throw new LogicException(self::class.' was filled before its examination was said.');
    }
}
