<?php

declare(strict_types=1);

namespace App\Clinic\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Whether a proposal is taken over, and if not, why. */
final class DecisionRequest extends FormRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return [
            'take' => ['required', 'boolean:strict'],
            'why' => ['required_if:take,false', 'nullable', 'string', 'max:2000'],
        ];
    }

    public function takes(): bool
    {
        return $this->boolean('take');
    }

    public function why(): string
    {
        return $this->string('why')->trim()->toString();
    }
}
