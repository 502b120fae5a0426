<?php

declare(strict_types=1);

namespace App\Trust\Http\Resources;

use App\Platform\Audit\Deed;
use App\Platform\Audit\What;
use App\Trust\Audit\Search;
use App\Trust\Audit\Subjects;
use App\Trust\Audit\Wording;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A page of who did what, with what it can be narrowed to.
 *
 * @property-read Search $resource
 */
final class DeedsResource extends JsonResource
{
    /**
     * @return array<string, mixed>
     */
    public function toArray(Request $request): array
    {
        $people = $this->resource->people();
        $page = $this->resource->deeds()->paginate(Search::A_PAGE, page: $this->resource->page);
        $subjects = Subjects::names(array_values($page->items()));

        return [
            'deeds' => array_map(
                static fn (Deed $deed): array => self::line($deed, $people, $subjects),
                $page->items(),
            ),
            'total' => $page->total(),
            'page' => $page->currentPage(),
            'pages' => max(1, $page->lastPage()),
            'people' => array_map(
                static fn (string $id, string $name): array => ['id' => $id, 'name' => $name],
                array_keys($people),
                $people,
            ),
            'kinds' => array_map(
                static fn (What $what): array => ['id' => $what->value, 'label' => $what->label()],
                What::cases(),
            ),
        ];
    }

    /**
     * @param  array<string, string>  $people
     * @param  array<string, string>  $subjects
     * @return array{id: int, at: string, who: string, what: string, about: string, subject: string|null, detail: string, address: string}
     */
    public static function line(Deed $deed, array $people, array $subjects): array
    {
        return [
            'id' => $deed->id,
            'at' => str_replace(' ', 'T', $deed->at).'Z',
            'who' => $people[$deed->user_id ?? ''] ?? 'nobody known',
            'what' => $deed->what->label(),
            'about' => $subjects[$deed->subject ?? ''] ?? '',
            'subject' => $deed->subject,
            'detail' => app(Wording::class)->of($deed->detail),
            'address' => $deed->address,
        ];
    }
}
