<?php

declare(strict_types=1);

namespace App\Club\Http\Requests;

use App\Access\Values\DateOrder;
use App\Access\Values\TeamSettings;
use Closure;
use GrayCompass\Core\Examination\Schools\SchoolGroup;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Knee\Setting;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\App;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Rules\In;

/** What a lead sets for the team. */
final class TeamRequest extends FormRequest
{
    private const YEARS = 40;

    private const SQUADS = 60;

    /**
     * @return array<string, list<string|Enum|In|Closure>>
     */
    public function rules(): array
    {
        $groups = self::groups();
        $schools = [];
        foreach ($groups as $group) {
            $schools["schools.{$group->id}"] = ['sometimes', 'nullable', Rule::in($group->ids())];
        }

        return [
            'name' => ['required', 'string', 'max:120'],
            'asksSecondFactor' => ['required', 'boolean'],
            'letterHead' => ['present', 'nullable', 'string', 'max:400'],
            'sharesPages' => ['required', 'boolean'],
            'keepsYears' => ['present', 'nullable', 'integer:strict', 'between:1,'.self::YEARS],
            'setting' => ['present', 'nullable', Rule::enum(Setting::class)->only([Setting::Specialist])],
            'timeZone' => ['required', 'string', 'timezone:all'],
            'dateOrder' => ['required', Rule::enum(DateOrder::class)],
            'seasons' => ['present', 'array', 'max:'.self::SQUADS],
            'seasons.*' => ['array:squad,from,until'],
            'seasons.*.squad' => ['required', 'string', 'max:80', 'distinct'],
            'seasons.*.from' => ['required', 'string', 'date_format:Y-m-d'],
            'seasons.*.until' => ['required', 'string', 'date_format:Y-m-d', 'after_or_equal:seasons.*.from'],
            'schools' => ['present', 'array:'.implode(',', array_column($groups, 'id'))],
            ...$schools,
        ];
    }

    /**
     * @return array<string, string>
     */
    public function attributes(): array
    {
        return [
            'seasons.*.squad' => 'squad of a season', 'seasons.*.from' => 'first day of a season',
            'seasons.*.until' => 'last day of a season',
        ];
    }

    /**
     * @return array{name: string, asks_second_factor: bool, settings: TeamSettings}
     */
    public function settings(): array
    {
        $set = TeamSettings::from([
            ...$this->only(['schools', 'setting', 'keepsYears', 'seasons', 'timeZone', 'dateOrder']),
            'letterHead' => $this->string('letterHead')->trim()->toString(),
            'sharesPages' => $this->boolean('sharesPages'),
        ]);

        return [
            'name' => $this->string('name')->squish()->toString(),
            'asks_second_factor' => $this->boolean('asksSecondFactor'),
            'settings' => $set,
        ];
    }

    /**
     * @return list<SchoolGroup>
     */
    private static function groups(): array
    {
        return App::make(Figures::class)->schools()->groups();
    }
}
