<?php

declare(strict_types=1);

namespace App\Exchange\Models;

use App\Club\Values\ImportState;
use App\Platform\Database\BootsByName;
use App\Platform\Database\TeamScope;
use App\Platform\Encryption\Encrypted;
use App\Platform\Encryption\EncryptedByMasterKey;
use App\Platform\Encryption\HasEncryptedColumns;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Date;

/**
 * A file with examinations and results that came in.
 *
 * @property string $id
 * @property string $team_id
 * @property string $made_by id of a user
 * @property ImportState $state
 * @property int $total examinations and results that it stores
 * @property int $done stored so far
 * @property string $origin where they were recorded; encrypted at rest
 * @property array{content: string, name: string, athlete: string|null, squad: string, signed: string}|null $content the file in base 64 and how it is read, until all is stored; encrypted at rest
 * @property string|null $problem why nothing came of it; encrypted at rest
 * @property CarbonImmutable $created_at
 */
#[ScopedBy(TeamScope::class)]
final class RecordImport extends Model implements HasEncryptedColumns
{
    use BootsByName;
    use EncryptedByMasterKey;

    /** For so long it can be undone. */
    private const HOURS = 24;

    protected $table = 'record_imports';

    protected $fillable = ['team_id', 'made_by', 'state', 'total', 'done', 'origin', 'content', 'problem'];

    protected $casts = [
        'state' => ImportState::class, 'total' => 'integer', 'done' => 'integer',
        'origin' => Encrypted::class, 'content' => Encrypted::class.':array', 'problem' => Encrypted::class,
    ];

    public function canBeTakenBack(): bool
    {
        return $this->state === ImportState::Done && $this->created_at->isAfter(Date::now()->subHours(self::HOURS));
    }
}
