<?php

declare(strict_types=1);

namespace App\Clinic\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A file, as the body; what it is called where it comes from stands in a header, for an address may be logged. */
final class AttachmentRequest extends FormRequest
{
    private const NAME = 'X-File-Name';

    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return [self::NAME => ['required', 'string', 'max:160']];
    }

    /**
     * The body is a file, and no fields.
     *
     * @return array<array-key, mixed>
     */
    public function validationData(): array
    {
        $name = $this->headers->get(self::NAME);

        return [self::NAME => $name === null ? null : rawurldecode($name)];
    }

    public function title(): string
    {
        $name = rawurldecode((string) $this->headers->get(self::NAME));

        return trim((string) preg_replace('/[\p{C}\/\\\\]+/u', ' ', $name));
    }
}
