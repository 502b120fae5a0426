<?php

declare(strict_types=1);

namespace App\Platform\Encryption;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use LogicException;

/**
 * For rows about an athlete: encrypted with their data key. Whose they are must be said before anything else is.
 *
 * @phpstan-require-extends Model
 *
 * @phpstan-require-implements HasEncryptedColumns
 */
trait EncryptedByAthlete
{
    use HasUlids;

    public function basis(array $attributes): array
    {
        return ['id' => $attributes['id'] ?? $this->newUniqueId()];
    }

    public function encrypter(array $attributes): Encrypter
    {
        $athlete = $attributes['athlete_id'] ?? null;

        return is_string($athlete)
            ? app(AthleteKeys::class)->ofAthlete($athlete)
            : throw new LogicException(self::class.' was filled before its athlete was said.');
    }
}
