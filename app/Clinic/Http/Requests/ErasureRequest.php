<?php

declare(strict_types=1);

namespace App\Clinic\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Why somebody's record is erased. */
final class ErasureRequest extends FormRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['reason' => ['required', 'string', 'max:400']];
    }

    public function reason(): string
    {
        return $this->string('reason')->squish()->toString();
    }
}
