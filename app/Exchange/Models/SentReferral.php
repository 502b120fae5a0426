<?php

declare(strict_types=1);

namespace App\Exchange\Models;

use App\Clinic\Models\Task;
use App\Club\Models\Athlete;
use App\Exchange\Values\ReferralState;
use App\Platform\Database\BootsByName;
use App\Platform\Database\TeamScope;
use App\Platform\Encryption\Encrypted;
use App\Platform\Encryption\EncryptedByAthlete;
use App\Platform\Encryption\HasEncryptedColumns;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A referral that goes to the hospital as a ServiceRequest of FHIR, and what came back.
 *
 * @property string $id also of the ServiceRequest, by which the hospital knows one that comes twice
 * @property string $team_id
 * @property string $athlete_id
 * @property string $task_id
 * @property string|null $sent_by id of a user
 * @property ReferralState $state
 * @property string $request JSON, as it is sent; encrypted at rest
 * @property string|null $answer JSON, as it came; encrypted at rest
 * @property int $attempts of sending it
 * @property string|null $problem why the last call failed, or why the answer cannot be used; encrypted at rest
 * @property CarbonImmutable|null $next_at of the next call
 * @property CarbonImmutable|null $sent_at when the hospital took it
 * @property CarbonImmutable|null $appointment_at that the hospital gave
 * @property CarbonImmutable $created_at
 * @property Task $task
 * @property Athlete $athlete
 */
#[ScopedBy(TeamScope::class)]
final class SentReferral extends Model implements HasEncryptedColumns
{
    use BootsByName;
    use EncryptedByAthlete;

    protected $table = 'sent_referrals';

    protected $fillable = [
        'id', 'team_id', 'athlete_id', 'task_id', 'sent_by', 'state', 'request', 'answer', 'attempts', 'problem', 'next_at',
        'sent_at', 'appointment_at',
    ];

    protected $attributes = ['attempts' => 0];

    protected $casts = [
        'state' => ReferralState::class, 'request' => Encrypted::class, 'answer' => Encrypted::class,
        'problem' => Encrypted::class, 'attempts' => 'integer', 'next_at' => 'datetime', 'sent_at' => 'datetime',
        'appointment_at' => 'datetime',
    ];

    /** @return BelongsTo<Task, $this> also for the worker, which is in no team */
    public function task(): BelongsTo
    {
        $task = $this->belongsTo(Task::class);
        $task->withoutGlobalScopes();

        return $task;
    }

    /** @return BelongsTo<Athlete, $this> also for the worker, which is in no team */
    public function athlete(): BelongsTo
    {
        $athlete = $this->belongsTo(Athlete::class);
        $athlete->withoutGlobalScopes();

        return $athlete;
    }
}
