<?php

declare(strict_types=1);

namespace App\Clinic\Models;

use App\Platform\Database\BootsByName;
use App\Platform\Encryption\Encrypted;
use App\Platform\Encryption\EncryptedByExamination;
use App\Platform\Encryption\HasEncryptedColumns;
use Illuminate\Database\Eloquent\Model;
use stdClass;

/**
 * What followed from an examination when it was signed. It is written once and never changed.
 *
 * @property string $id
 * @property string $examination_id
 * @property array<string, mixed> $payload
 * @property array<string, mixed>|null $problem the input of the chances; null when signed before it was kept
 * @property stdClass|null $past what was known of the knee; null when nothing was, or signed before it was kept
 * @property string $rules version of the rules
 * @property string $evidence set and digest
 */
final class Snapshot extends Model implements HasEncryptedColumns
{
    use BootsByName;
    use EncryptedByExamination;

    public const UPDATED_AT = null;

    protected $table = 'snapshots';

    protected $fillable = ['examination_id', 'payload', 'problem', 'past', 'rules', 'evidence'];

    protected $casts = [
        'payload' => Encrypted::class.':array', 'problem' => Encrypted::class.':array',
        'past' => Encrypted::class.':object',
    ];

    /** SHA-256 of all that was signed here, and of which examination: another row, or another word, has another one. */
    public function digest(): string
    {
        $plain = static fn (mixed $value): mixed => json_decode(json_encode($value, JSON_THROW_ON_ERROR), true);

        return hash('sha256', json_encode([
            $this->examination_id, $plain($this->payload), $plain($this->problem), $this->rules, $this->evidence,
            ...($this->past === null ? [] : [$plain($this->past)]),
        ], JSON_THROW_ON_ERROR));
    }
}
