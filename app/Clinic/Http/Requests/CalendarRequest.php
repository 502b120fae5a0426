<?php

declare(strict_types=1);

namespace App\Clinic\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A calendar of one's own, or a file that came back from one. */
final class CalendarRequest extends FormRequest
{
    private const MOST_LETTERS = 1_000_000;

    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return $this->isMethod('PUT')
            ? ['inWords' => ['required', 'boolean']]
            : ['content' => ['required', 'string', 'max:'.self::MOST_LETTERS]];
    }

    public function inWords(): bool
    {
        return $this->boolean('inWords');
    }

    public function text(): string
    {
        return $this->string('content')->toString();
    }
}
