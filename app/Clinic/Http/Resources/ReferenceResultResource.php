<?php

declare(strict_types=1);

namespace App\Clinic\Http\Resources;

use App\Clinic\Models\Attachment;
use App\Clinic\Models\ReferenceResult;
use App\Clinic\Values\ReferenceAnswer;
use GrayCompass\Core\Examination\Treatment;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * What a knee turned out to have, by one look.
 *
 * @property-read ReferenceResult $resource
 */
final class ReferenceResultResource extends JsonResource
{
    /**
     * @return array<string, mixed>
     */
    public function toArray(Request $request): array
    {
        $result = $this->resource;

        return [
            'id' => $result->id,
            'kind' => $result->kind->value,
            'label' => $result->kind->label(),
            'on' => $result->seen_on->toDateString(),
            'weeks' => $result->content['weeks'],
            'note' => $result->content['note'],
            'treated' => $result->content['treated'] ?? Treatment::None->value,
            'answers' => array_map(self::answer(...), $result->answers()),
            'files' => $result->attachments->map(static fn (Attachment $one): array => [
                'id' => $one->id, 'name' => $one->name, 'type' => $one->type->value, 'bytes' => $one->bytes,
                'removed' => $one->trashed(),
            ])->all(),
            'removed' => $result->trashed(),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    public static function answer(ReferenceAnswer $answer): array
    {
        return [
            'condition' => $answer->condition->value,
            'label' => $answer->condition->label(),
            'seen' => $answer->seen->value,
            'grade' => $answer->grade,
        ];
    }
}
