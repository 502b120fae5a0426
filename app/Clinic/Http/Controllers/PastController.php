<?php

declare(strict_types=1);

namespace App\Clinic\Http\Controllers;

use App\Clinic\Http\Resources\AthletePastResource;
use App\Club\Models\Athlete;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;

/** What a device keeps of an athlete's knees, to start an examination of them offline. */
final readonly class PastController
{
    public function __construct(private AuditLog $log)
    {
    }

    public function show(Athlete $athlete): AthletePastResource
    {
        $this->log->record(AuditEvent::EarlierVisitsKeptOnDevice, $athlete->id);

        return new AthletePastResource($athlete);
    }
}
