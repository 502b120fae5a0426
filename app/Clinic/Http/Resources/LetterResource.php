<?php

declare(strict_types=1);

namespace App\Clinic\Http\Resources;

use App\Clinic\Models\Letter;
use App\Clinic\Models\LetterVersion;
use App\Clinic\Models\Task;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A letter as it stands, what it said before, and the open referrals that it may carry.
 *
 * @property-read Letter $resource
 */
final class LetterResource extends JsonResource
{
    public const WITH = ['versions.writer', 'athlete', 'sender'];

    /**
     * @return array<string, mixed>
     */
    public function toArray(Request $request): array
    {
        $letter = $this->resource;
        $newest = $letter->newest();

        return [
            ...self::line($letter),
            'examination' => $letter->examination_id,
            'athlete' => ['id' => $letter->athlete_id, 'name' => $letter->athlete->name],
            'version' => $letter->version,
            ...$newest->content,
            'sentBy' => $letter->sent_at === null ? null : ($letter->sender->name ?? __('papers.person.former_member')),
            'versions' => $letter->versions->map(static fn (LetterVersion $one): array => [
                'number' => $one->number,
                'at' => $one->created_at->toIso8601ZuluString(),
                'by' => $one->writer->name ?? __('papers.person.former_member'),
                'subject' => $one->content['subject'],
                'text' => $one->content['text'],
            ])->values()->all(),
            'referrals' => $letter->sent_at !== null ? [] : $this->referrals(),
        ];
    }

    /**
     * As it stands in lists.
     *
     * @return array<string, mixed>
     */
    public static function line(Letter $letter): array
    {
        $newest = $letter->newest();

        return [
            'id' => $letter->id,
            'toName' => implode(', ', array_filter([$newest->to()->name, $newest->to()->practice])),
            'at' => ($letter->sent_at ?? $newest->created_at)->toIso8601ZuluString(),
            'sent' => $letter->sent_by_way?->label(),
        ];
    }

    /**
     * @return list<array{id: string, title: string}>
     */
    private function referrals(): array
    {
        return array_values($this->resource->referrals()->get()
            ->map(static fn (Task $task): array => ['id' => $task->id, 'title' => $task->content['title']])->all());
    }
}
