<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * What followed from an examination when it was signed. It is written once and never changed.
 *
 * @property string $id
 * @property string $examination_id
 * @property array<string, mixed> $payload
 * @property array<string, mixed>|null $problem the input of the chances; null when signed before it was kept
 * @property string $rules version of the rules
 * @property string $evidence set and digest
 */
final class Assessment extends Model
{
    use HasUlids;

    public const UPDATED_AT = null;

    protected $fillable = ['examination_id', 'payload', 'problem', 'rules', 'evidence'];

    protected $casts = ['payload' => 'encrypted:array', 'problem' => 'encrypted:array'];
}
