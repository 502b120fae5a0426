<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What a lead sets for the team. */
final class TeamRequest extends FormRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:120'], 'asksSecondFactor' => ['required', 'boolean']];
    }

    /**
     * @return array{name: string, asks_second_factor: bool}
     */
    public function settings(): array
    {
        return [
            'name' => $this->string('name')->squish()->toString(),
            'asks_second_factor' => $this->boolean('asksSecondFactor'),
        ];
    }
}
