<?php

declare(strict_types=1);

namespace App\Clinic\Http\Resources;

use App\Clinic\Pages\AthleteText;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * What an athlete reads, and what stands around it on their page.
 *
 * @property AthleteText $resource
 */
final class AthleteTextResource extends JsonResource
{
    public static $wrap = null;

    /**
     * @return array<string, mixed>
     */
    public function toArray(Request $request): array
    {
        $text = $this->resource;

        return [
            'language' => $text->language->value,
            'languageName' => $text->language->label(),
            'isOriginal' => $text->language->isOriginal(),
            'title' => $text->title,
            'sections' => $text->sections(),
            'caution' => $text->caution,
            'fromTheFront' => $text->fromTheFront,
            'fromAbove' => $text->fromAbove,
            'parts' => $text->parts,
        ];
    }
}
