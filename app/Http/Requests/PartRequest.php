<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Examinations\SaveRequest;
use Illuminate\Foundation\Http\FormRequest;

/** One part of an examination to save; what is in the payload is the core's to judge. */
final class PartRequest extends FormRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return [
            'key' => ['required', 'string', 'min:8', 'max:64'],
            'version' => ['required', 'integer', 'min:0'],
            'payload' => [$this->isMethod('DELETE') ? 'nullable' : 'present', 'array'],
        ];
    }

    public function save(): SaveRequest
    {
        return new SaveRequest($this->string('key')->toString(), $this->integer('version'));
    }

    /**
     * @return array<string, mixed>
     */
    public function payload(): array
    {
        /** @var array<string, mixed> $payload */
        $payload = $this->array('payload');

        return $payload;
    }
}
