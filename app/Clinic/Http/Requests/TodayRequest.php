<?php

declare(strict_types=1);

namespace App\Clinic\Http\Requests;

use App\Clinic\Today\Today;
use Illuminate\Foundation\Http\FormRequest;

/** Which athletes of the team to list. */
final class TodayRequest extends FormRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return [
            'search' => $this->isMethod('GET') ? ['prohibited'] : ['sometimes', 'nullable', 'string', 'max:60'],
            'unfinished' => ['sometimes', 'integer', 'min:0', 'max:1000'],
            'lacking' => ['sometimes', 'in:baseline'],
            'page' => ['sometimes', 'integer', 'min:1', 'max:100000'],
        ];
    }

    /**
     * @return array<string, string>
     */
    public function messages(): array
    {
        return ['search.prohibited' => 'send it in the body: addresses are logged on their way, names must not be'];
    }

    /** Any part of name, number or squad; empty: everybody. */
    public function search(): string
    {
        return $this->string('search')->trim()->toString();
    }

    /** So many unfinished examinations at most. */
    public function unfinished(): int
    {
        return $this->integer('unfinished', Today::UNFINISHED_SHOWN);
    }

    /** Only those without a baseline to compare with. */
    public function lacking(): bool
    {
        return $this->has('lacking');
    }

    public function page(): int
    {
        return $this->integer('page', 1);
    }
}
