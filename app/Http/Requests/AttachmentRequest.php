<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A file, as the body, and in the address what it is called where it comes from. */
final class AttachmentRequest extends FormRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:160']];
    }

    /**
     * The body is a file, and no fields.
     *
     * @return array<array-key, mixed>
     */
    public function validationData(): array
    {
        return $this->query->all();
    }

    public function title(): string
    {
        $name = $this->query('name');

        return \is_string($name) ? trim((string) preg_replace('/[\p{C}\/\\\\]+/u', ' ', $name)) : '';
    }
}
