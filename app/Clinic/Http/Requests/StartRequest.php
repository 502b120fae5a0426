<?php

declare(strict_types=1);

namespace App\Clinic\Http\Requests;

use GrayCompass\Core\Examination\Route;
use GrayCompass\Core\Examination\Routes;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Knee\Setting;
use GrayCompass\Core\Knee\Side;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\App;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Rules\In;

/** The few facts with which an examination begins. */
final class StartRequest extends FormRequest
{
    /**
     * @return array<string, list<string|Enum|In>>
     */
    public function rules(): array
    {
        return [
            'hurtSide' => ['required', Rule::enum(Side::class)->only([Side::Left, Side::Right])],
            'daysSinceInjury' => ['present', 'nullable', 'integer', 'min:0', 'max:36500'],
            'setting' => ['nullable', Rule::enum(Setting::class)],
            'route' => ['required', Rule::in(self::routes()->ids())],
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

    /** Null: the one that follows from days, age and route. */
    public function setting(): ?Setting
    {
        return $this->enum('setting', Setting::class);
    }

    public function examinationRoute(): Route
    {
        return self::routes()->get($this->string('route')->toString());
    }

    private static function routes(): Routes
    {
        return App::make(Figures::class)->routes();
    }
}
