<?php

declare(strict_types=1);

namespace App\Club\Models;

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
 * A list of athletes that came in.
 *
 * @property string $id
 * @property string $team_id
 * @property string|null $made_by id of a user
 * @property ImportState $state
 * @property int $total athletes that it makes
 * @property int $done made so far
 * @property list<array{name: string, bornOn: string, squad: string, number: string|null, profile: array<string, string|int>}>|null $content of whom, until they are made; encrypted at rest
 * @property string|null $problem why nothing came of it; encrypted at rest
 * @property CarbonImmutable $created_at
 */
#[ScopedBy(TeamScope::class)]
final class Import extends Model implements HasEncryptedColumns
{
    use BootsByName;
    use EncryptedByMasterKey;

    /** For so long it can be taken back. */
    private const HOURS = 24;

    protected $table = 'imports';

    protected $fillable = ['team_id', 'made_by', 'state', 'total', 'done', 'content', 'problem'];

    protected $casts = [
        'state' => ImportState::class, 'total' => 'integer', 'done' => 'integer',
        'content' => Encrypted::class.':array', 'problem' => Encrypted::class,
    ];

    public function canBeTakenBack(): bool
    {
        return $this->state === ImportState::Done && $this->created_at->isAfter(Date::now()->subHours(self::HOURS));
    }
}
