<?php

declare(strict_types=1);

namespace App\Club\Http\Requests;

use App\Access\Values\TeamSettings;
use App\Club\Http\Shapes\TeamShapes;
use App\Platform\Http\ShapedRequest;
use GrayCompass\Core\Examination\Schools\SchoolGroup;
use GrayCompass\Core\Figures;
use GrayCompass\Document\Shape\Definition;
use Illuminate\Support\Facades\App;
use Illuminate\Validation\Rule;

/** What a lead sets for the team. */
final class TeamRequest extends ShapedRequest
{
    protected function shape(): Definition
    {
        return TeamShapes::teamSettings();
    }

    protected function also(): array
    {
        $groups = self::groups();
        $schools = [];
        foreach ($groups as $group) {
            $schools["schools.{$group->id}"] = ['sometimes', 'nullable', Rule::in($group->ids())];
        }

        return [
            'keepsYears' => ['integer:strict'],
            'timeZone' => ['timezone:all'],
            'seasons.*.squad' => ['distinct'],
            'reviewedLanguages.*' => ['distinct'],
            'seasons.*.until' => ['after_or_equal:seasons.*.from'],
            'schools' => ['array:'.implode(',', array_column($groups, 'id'))],
            ...$schools,
        ];
    }

    /**
     * @return array<string, string>
     */
    public function attributes(): array
    {
        return [
            'seasons.*.squad' => __('club.teamRequest.squad'), 'seasons.*.from' => __('club.teamRequest.from'),
            'seasons.*.until' => __('club.teamRequest.until'),
        ];
    }

    /**
     * @return array{name: string, asks_second_factor: bool, settings: TeamSettings}
     */
    public function settings(): array
    {
        $set = TeamSettings::from([
            ...$this->only(['schools', 'setting', 'keepsYears', 'seasons', 'timeZone', 'dateOrder', 'reviewedLanguages']),
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
