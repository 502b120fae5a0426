<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use GrayCompass\Core\Findings\Choices;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Wire\CatalogueWriter;
use Illuminate\Http\JsonResponse;

/** Manoeuvres with their fields and cards, stations and settings: what the screens are drawn from. */
final class CatalogueController
{
    public function __invoke(Figures $data): JsonResponse
    {
        return response()->json([
            ...CatalogueWriter::write($data->catalogue()),
            'settings' => $data->baseline()->settingLabels(),
            'routes' => Choices::routes(),
            'schools' => Choices::schools(),
            'signs' => (object) $data->signs()->labels(),
        ]);
    }
}
