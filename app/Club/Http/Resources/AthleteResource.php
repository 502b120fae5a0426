<?php

declare(strict_types=1);

namespace App\Club\Http\Resources;

use App\Access\Models\User;
use App\Access\Teams\TeamDays;
use App\Access\Values\Ability;
use App\Club\Models\Athlete;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Arr;
use stdClass;

/**
 * An athlete, as they stand in lists.
 *
 * @property-read Athlete $resource
 */
final class AthleteResource extends JsonResource
{
    private const FOR_WHO_ANSWERS = ['notes', 'doctor'];

    /**
     * @return array<string, mixed>
     */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->resource->id,
            'name' => $this->resource->name,
            'number' => $this->resource->number,
            'squad' => $this->resource->squad,
            'age' => $this->resource->age(TeamDays::here()->today()),
        ];
    }

    /**
     * What else is known, on their own page alone; what those note who answer for them is not for a student.
     *
     * @return array{bornOn: string, profile: object}
     */
    public function known(Request $request): array
    {
        $known = $this->resource->profile ?? new stdClass;
        $user = $request->user();
        $seesAll = $user instanceof User && $user->can(Ability::Answer);

        return [
            'bornOn' => $this->resource->born_on->toDateString(),
            'profile' => $seesAll ? $known : (object) Arr::except((array) $known, self::FOR_WHO_ANSWERS),
        ];
    }
}
