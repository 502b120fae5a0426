<?php

declare(strict_types=1);

namespace App\Access\Models;

use App\Access\Values\TeamSettings;
use App\Platform\Database\BootsByName;
use App\Platform\Encryption\HasEncryptedColumns;
use App\Platform\Encryption\HasSecret;
use Database\Factories\TeamFactory;
use Illuminate\Database\Eloquent\Attributes\UseFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;

/**
 * A practice or club whose people share athletes and figures.
 *
 * @property string $id
 * @property string $name
 * @property bool $asks_second_factor whether everybody must have one
 * @property TeamSettings $settings
 */
#[UseFactory(TeamFactory::class)]
final class Team extends Model implements HasEncryptedColumns
{
    use BootsByName;

    /** @use HasFactory<TeamFactory> */
    use HasFactory;

    use HasSecret;

    protected $table = 'teams';

    protected $fillable = ['name', 'asks_second_factor', 'settings'];

    protected $attributes = ['asks_second_factor' => false, 'settings' => null];

    protected $casts = ['asks_second_factor' => 'boolean', 'settings' => TeamSettings::class];
}
