<?php

declare(strict_types=1);

namespace App\Clinic\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What was on screen when somebody signed, and why without the gate where it is not answered. */
final class SignRequest extends FormRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return [
            'revision' => ['required', 'integer:strict', 'min:0', 'max:100000000'],
            'ungated' => ['sometimes', 'nullable', 'string', 'max:200'],
        ];
    }

    public function seen(): int
    {
        return $this->integer('revision');
    }

    public function ungated(): ?string
    {
        return $this->filled('ungated') ? $this->string('ungated')->toString() : null;
    }
}
