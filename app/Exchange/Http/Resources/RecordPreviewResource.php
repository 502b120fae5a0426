<?php

declare(strict_types=1);

namespace App\Exchange\Http\Resources;

use App\Access\Teams\TeamDays;
use App\Clinic\Examinations\Arrivals;
use App\Exchange\Incoming\Fate;
use App\Exchange\Incoming\RecordPreview;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * What a file is, and what would become of what is in it.
 *
 * @property-read RecordPreview $resource
 */
final class RecordPreviewResource extends JsonResource
{
    public function __construct(RecordPreview $preview, private readonly string $team)
    {
        parent::__construct($preview);
    }

    /**
     * @return array<string, mixed>
     */
    public function toArray(Request $request): array
    {
        return [
            'format' => $this->resource->file->format->value,
            'unread' => $this->resource->file->unread,
            'items' => array_map($this->item(...), $this->resource->fates),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private function item(Fate $fate): array
    {
        [$document, $look] = [$fate->item->document, $fate->item->look];
        $moment = $document === null ? null : Arrivals::moment($document, $this->team);
        $day = $moment === null ? $look?->facts->seenOn : TeamDays::ofTeam($this->team)->day($moment);

        return [
            'place' => $fate->item->place,
            'status' => $fate->status->value,
            'why' => $fate->why,
            'what' => match (true) {
                $document !== null => __('exchange.incoming.examination'),
                $look !== null => $look->facts->kind->label(),
                default => __('exchange.incoming.unreadable'),
            },
            'on' => $day?->toDateString(),
            'side' => $document === null ? $look?->side?->value : $document->hurtSide,
            'isSigned' => isset($document->signedAt),
            'athlete' => $fate->athlete === null ? null : ['id' => $fate->athlete->id, 'name' => $fate->athlete->name],
            'person' => $fate->item->person->label(),
            'addsAthlete' => $fate->addsAthlete,
            'left' => $fate->left,
        ];
    }
}
