<?php

declare(strict_types=1);

namespace App\Platform\Tables;

use Illuminate\Foundation\Http\FormRequest;

/** For whom a table is written: for a program, or for a spreadsheet with commas or semicolons. */
final class TableRequest extends FormRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['separator' => ['sometimes', 'string', 'in:comma,semicolon']];
    }

    public function separator(): Separator
    {
        return Separator::from($this->string('separator')->toString());
    }
}
