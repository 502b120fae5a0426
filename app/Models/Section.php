<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * One part of an examination that is saved as a whole: frame, opening, episode, history or safety.
 *
 * @property string $name
 * @property array<string, mixed> $payload encrypted at rest
 * @property int $version
 */
final class Section extends Model
{
    use HasUlids;

    public const NAMES = ['frame', 'opening', 'episode', 'history', 'safety'];

    protected $fillable = ['examination_id', 'name', 'payload', 'version'];

    protected $casts = ['payload' => 'encrypted:array', 'version' => 'integer'];
}
