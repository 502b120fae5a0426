<?php

declare(strict_types=1);

namespace App\Club\Http\Resources;

use App\Club\Models\Doctor;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * Someone in the book of doctors.
 *
 * @property-read Doctor $resource
 */
final class DoctorResource extends JsonResource
{
    public function __construct(Doctor $doctor, private readonly bool $treats = false)
    {
        parent::__construct($doctor);
    }

    /**
     * @return array<string, mixed>
     */
    public function toArray(Request $request): array
    {
        return ['id' => $this->resource->id, ...$this->resource->content, 'treats' => $this->treats];
    }
}
