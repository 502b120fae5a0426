<?php

declare(strict_types=1);

namespace App\Clinic\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Which two visits. */
final class ComparisonRequest extends FormRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['before' => ['required', 'string'], 'after' => ['required', 'string']];
    }

    public function earlier(): string
    {
        return $this->string('before')->toString();
    }

    public function later(): string
    {
        return $this->string('after')->toString();
    }
}
