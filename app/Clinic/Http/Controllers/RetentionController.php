<?php

declare(strict_types=1);

namespace App\Clinic\Http\Controllers;

use App\Clinic\AthleteFiles\Retention;
use App\Club\Models\Athlete;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** What the clock will erase, told before. */
final readonly class RetentionController
{
    public function __construct(private Retention $retention)
    {
    }

    public function index(): JsonResponse
    {
        return response()->json($this->retention->announced()->map(static fn (Athlete $athlete): array => [
            'id' => $athlete->id, 'name' => $athlete->name, 'squad' => $athlete->squad,
            'on' => $athlete->erase_on?->toDateString(),
        ])->all());
    }

    /** For another year. */
    public function update(Athlete $anyone): Response
    {
        $this->retention->keepLonger($anyone);

        return response()->noContent();
    }
}
