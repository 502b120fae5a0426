<?php

declare(strict_types=1);

namespace App\Clinic\Http\Requests;

use GrayCompass\Core\Knee\Side;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;

/** Which knee is hurt, and since when. */
final class KneeRequest extends FormRequest
{
    /**
     * @return array<string, list<string|Enum>>
     */
    public function rules(): array
    {
        return [
            'hurtSide' => ['required', Rule::enum(Side::class)->only([Side::Left, Side::Right])],
            'daysSinceInjury' => ['present', 'nullable', 'integer', 'min:0', 'max:36500'],
            'version' => ['required', 'integer:strict', 'min:1', 'max:1000000'],
        ];
    }

    public function hurtSide(): Side
    {
        return Side::from($this->string('hurtSide')->toString());
    }

    /** Null: it came on without an injury. */
    public function daysSinceInjury(): ?int
    {
        return $this->input('daysSinceInjury') === null ? null : $this->integer('daysSinceInjury');
    }

    /** Of the frame, as it was on screen. */
    public function seen(): int
    {
        return $this->integer('version');
    }
}
