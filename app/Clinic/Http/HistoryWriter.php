<?php

declare(strict_types=1);

namespace App\Clinic\Http;

use App\Clinic\History\AthleteHistory;
use App\Clinic\History\WritesHistory;
use App\Clinic\Http\Resources\HistoryResource;
use Illuminate\Http\Request;
use stdClass;

/** As the athlete's page reads it, and whole: the person who may ask for all of it may see all of it. */
final class HistoryWriter implements WritesHistory
{
    public function write(AthleteHistory $history): array
    {
        return [
            ...(new HistoryResource($history))->toArray(new Request),
            'profile' => $history->athlete->profile ?? new stdClass,
        ];
    }
}
