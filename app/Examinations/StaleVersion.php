<?php

declare(strict_types=1);

namespace App\Examinations;

use App\Http\Resources\ExaminationParts;
use App\Models\Examination;
use Illuminate\Http\JsonResponse;
use RuntimeException;

/** Somebody else, or another tab, saved this part in between. */
final class StaleVersion extends RuntimeException
{
    public function __construct(private readonly Examination $examination, private readonly string $part)
    {
        parent::__construct("The part {$part} was changed in between.");
    }

    public function render(): JsonResponse
    {
        return response()->json([
            'error' => ['path' => $this->part, 'reason' => 'changed in between by another tab or person'],
            'newer' => ExaminationParts::one($this->examination, $this->part),
        ], 409);
    }
}
