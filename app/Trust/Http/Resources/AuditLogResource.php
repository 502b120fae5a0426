<?php

declare(strict_types=1);

namespace App\Trust\Http\Resources;

use App\Platform\Audit\AuditEvent;
use App\Trust\Audit\LogLines;
use App\Trust\Audit\Search;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A page of who did what, with what it can be narrowed to.
 *
 * @property-read Search $resource
 */
final class AuditLogResource extends JsonResource
{
    public function __construct(Search $search, private readonly LogLines $lines)
    {
        parent::__construct($search);
    }

    /**
     * @return array<string, mixed>
     */
    public function toArray(Request $request): array
    {
        $people = $this->resource->people();
        $page = $this->resource->entries()->paginate(Search::A_PAGE, page: $this->resource->page);

        return [
            'entries' => $this->lines->of(array_values($page->items()), $people),
            'total' => $page->total(),
            'page' => $page->currentPage(),
            'pages' => max(1, $page->lastPage()),
            'people' => array_map(
                static fn (string $id, string $name): array => ['id' => $id, 'name' => $name],
                array_keys($people),
                $people,
            ),
            'kinds' => array_map(
                static fn (AuditEvent $event): array => ['id' => $event->value, 'label' => $event->label()],
                AuditEvent::cases(),
            ),
        ];
    }
}
