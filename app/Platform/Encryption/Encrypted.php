<?php

declare(strict_types=1);

namespace App\Platform\Encryption;

use Carbon\CarbonImmutable;
use DateTimeInterface;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use LogicException;

/**
 * A column that is encrypted at rest and bound to its table, its name and its row: `Encrypted::class.':object'`. It holds a
 * text, an object, an array or a day.
 *
 * @implements CastsAttributes<mixed, mixed>
 */
final class Encrypted implements CastsAttributes
{
    /** The same object stands in the row until it is set anew: otherwise each look at it would encrypt it again. */
    public bool $withoutObjectCaching = true;

    public function __construct(private readonly string $as = 'text')
    {
    }

    /**
     * @param  array<string, mixed>  $attributes
     */
    public function get(Model $model, string $key, mixed $value, array $attributes): mixed
    {
        if (! is_string($value)) {
            return null;
        }
        $plain = self::held($model)->encrypter($attributes)->decrypt($value, self::place($model, $key, $attributes));

        return match ($this->as) {
            'object' => json_decode($plain, false, flags: JSON_THROW_ON_ERROR),
            'array' => json_decode($plain, true, flags: JSON_THROW_ON_ERROR),
            'date' => CarbonImmutable::parse($plain),
            default => $plain,
        };
    }

    /**
     * @param  array<string, mixed>  $attributes
     * @return array<string, mixed>
     */
    public function set(Model $model, string $key, mixed $value, array $attributes): array
    {
        if ($value === null) {
            return [$key => null];
        }
        $held = self::held($model);
        $basis = $held->basis($attributes);
        $whole = [...$attributes, ...$basis];

        $encrypted = $held->encrypter($whole)->encrypt($this->plain($value), self::place($model, $key, $whole));

        return [...$basis, $key => $encrypted];
    }

    private function plain(mixed $value): string
    {
        return match ($this->as) {
            'object', 'array' => json_encode($value, JSON_THROW_ON_ERROR),
            'date' => $value instanceof DateTimeInterface
                ? $value->format('Y-m-d')
                : (is_string($value) ? $value : throw new LogicException('An encrypted day is a day.')),
            default => is_string($value) ? $value : throw new LogicException('An encrypted text is a text.'),
        };
    }

    /**
     * @param  array<string, mixed>  $attributes
     */
    private static function place(Model $model, string $key, array $attributes): string
    {
        $id = $attributes[$model->getKeyName()] ?? null;

        return is_string($id)
            ? "{$model->getTable()}.{$key}.{$id}"
            : throw new LogicException("{$model->getTable()}.{$key} was read without its id.");
    }

    private static function held(Model $model): HasEncryptedColumns
    {
        return $model instanceof HasEncryptedColumns ? $model : throw new LogicException($model::class.' has no encrypter.');
    }
}
