<?php

declare(strict_types=1);

namespace App\Clinic\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A word added to a signed examination. */
final class AddendumRequest extends FormRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['words' => ['required', 'string', 'max:4000']];
    }

    public function words(): string
    {
        return $this->string('words')->trim()->toString();
    }
}
