<?php

declare(strict_types=1);

namespace App\Examinations;

use GrayCompass\Core\Safety\Hold;
use GrayCompass\Core\Wire\SafetyWriter;
use Illuminate\Http\JsonResponse;
use RuntimeException;

/** What may not be done now is not stored; the hold goes back with the refusal. */
final class HeldFinding extends RuntimeException
{
    public function __construct(private readonly string $part, private readonly Hold $hold, private readonly string $name)
    {
        parent::__construct("The finding {$part} is held.");
    }

    public function render(): JsonResponse
    {
        return response()->json([
            'error' => ['path' => $this->part, 'reason' => $this->hold->reason($this->name)],
            'hold' => SafetyWriter::hold($this->hold),
        ], 422);
    }
}
