<?php

declare(strict_types=1);

namespace App\Access\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Six digits of an authenticator app. */
final class CodeRequest extends FormRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['code' => ['required', 'string', 'max:20']];
    }

    /** As it is typed, but for the gap that apps show in its middle. */
    public function code(): string
    {
        return (string) preg_replace('/\s+/', '', $this->string('code')->toString());
    }
}
