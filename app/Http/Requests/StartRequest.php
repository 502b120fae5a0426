<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** The few facts with which an examination begins. */
final class StartRequest extends FormRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return [
            'hurtSide' => ['required', 'in:left,right'],
            'daysSinceInjury' => ['present', 'nullable', 'integer', 'min:0', 'max:36500'],
            'setting' => ['nullable', 'string', 'max:40'],
            'route' => ['required', 'string', 'max:40'],
        ];
    }
}
