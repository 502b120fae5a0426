<?php

declare(strict_types=1);

namespace App\Clinic\Http\Controllers;

use GrayCompass\Core\Figures;
use Illuminate\Http\JsonResponse;

/** Manoeuvres, fields, questions, choices, words and names: all that the screens are drawn from. */
final class CatalogueController
{
    public function __invoke(Figures $figures): JsonResponse
    {
        return response()->json($figures->document());
    }
}
