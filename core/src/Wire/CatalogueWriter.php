<?php

declare(strict_types=1);

namespace GrayCompass\Core\Wire;

use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Catalogue\Field;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Catalogue\ManoeuvreTrait;
use GrayCompass\Core\Catalogue\Question;
use GrayCompass\Core\Catalogue\Questions;
use GrayCompass\Core\Catalogue\SignBook;
use GrayCompass\Core\Examination\FluidDrawn;
use GrayCompass\Core\Examination\History;
use GrayCompass\Core\Examination\Implant;
use GrayCompass\Core\Examination\KnownBy;
use GrayCompass\Core\Examination\Mechanism;
use GrayCompass\Core\Examination\NotDone;
use GrayCompass\Core\Examination\Route;
use GrayCompass\Core\Examination\Routes;
use GrayCompass\Core\Examination\Schools\School;
use GrayCompass\Core\Examination\Schools\SchoolBook;
use GrayCompass\Core\Examination\Schools\SchoolGroup;
use GrayCompass\Core\Examination\SwellingOnset;
use GrayCompass\Core\Grading\Schools\Rules;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\DifferenceBand;
use GrayCompass\Core\Knee\Station;
use GrayCompass\Core\Plan\AvailabilityStatus;
use GrayCompass\Core\Plan\PlayAnswer;
use GrayCompass\Core\Plan\SupportType;
use GrayCompass\Core\Plan\Within;
use GrayCompass\Core\Safety\RuleBook;
use GrayCompass\Core\Safety\SafetyRule;
use GrayCompass\Core\Safety\Urgency;
use GrayCompass\Core\Sentences\Phrases;
use GrayCompass\Core\Verdict\ConditionZone;

/** The catalogue as the document that the screens are drawn from: every word and every choice that they show. */
final class CatalogueWriter
{
    /**
     * @param  array<string, string>  $words  by code
     * @param  list<array{id: string, label: string}>  $settings
     * @param  array<array-key, mixed>  $typed  what the weighing of typed figures begins with
     * @return array<string, mixed>
     */
    public static function write(
        Catalogue $catalogue,
        Questions $questions,
        array $words,
        SignBook $signs,
        array $settings,
        SchoolBook $schools,
        Routes $routes,
        array $typed,
        RuleBook $rules,
        Phrases $phrases,
    ): array {
        return [
            'stations' => array_map(self::labelled(...), Station::cases()),
            'conditions' => array_map(static fn (Condition $condition): array => [
                ...self::labelled($condition), 'part' => $phrases->words($condition->part()),
            ], Condition::cases()),
            'manoeuvres' => array_map(self::manoeuvre(...), $catalogue->manoeuvres),
            'settings' => $settings,
            'routes' => array_map(static fn (Route $route): array => [
                'id' => $route->id,
                'label' => $route->label,
                'says' => $route->says,
                'isBaseline' => $route->isBaseline(),
            ], $routes->all),
            'schools' => array_map(self::schools(...), $schools->groups()),
            'bands' => array_map(
                static fn (DifferenceBand $band): array => [
                    'id' => $band->value,
                    'label' => $band->label(),
                    'says' => $band->measure(),
                ],
                DifferenceBand::cases(),
            ),
            'questions' => array_map(
                static fn (array $section): array => array_map(
                    static fn (Question $question): array => self::question($question, $rules),
                    $section,
                ),
                $questions->bySection,
            ),
            'choices' => self::choices(),
            'standAlone' => [Mechanism::NoneRecalled->value],
            'typed' => $typed,
            'labels' => self::labels(),
            'words' => $words,
            'signs' => $signs->labels(),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function schools(SchoolGroup $group): array
    {
        return [
            'id' => $group->id,
            'label' => $group->label,
            'preset' => $group->schools[0]->id,
            'options' => array_map(static fn (School $school): array => [
                'id' => $school->id,
                'label' => $school->label,
                'source' => $school->source,
                'bandsMm' => (object) Rules::bandsMm($group, $school),
            ], array_values(array_filter($group->schools, static fn (School $school): bool => $school->offered))),
        ];
    }

    /**
     * What stands to choose where a section asks for a word, in the order shown.
     *
     * @return array<string, list<string>>
     */
    private static function choices(): array
    {
        return [
            'mechanism' => array_column(Mechanism::cases(), 'value'),
            'blowSite' => History::BLOW_SITES,
            'swellingOnset' => array_column(SwellingOnset::cases(), 'value'),
            'painPlaces' => History::PAIN_PLACES,
            'fluidDrawn' => array_column(FluidDrawn::cases(), 'value'),
            'implant' => array_column(Implant::cases(), 'value'),
            'notDone' => array_column(NotDone::cases(), 'value'),
        ];
    }

    /**
     * What the codes of an assessment are called, the same on every screen and on paper.
     *
     * @return array<string, array<string, string>>
     */
    private static function labels(): array
    {
        return [
            'zone' => self::names(ConditionZone::cases()),
            'play' => self::names(PlayAnswer::cases()),
            'urgency' => self::names(Urgency::cases()),
            'within' => self::names(Within::cases()),
            'availability' => self::names(AvailabilityStatus::cases()),
            'support' => self::names(SupportType::cases()),
            'knownBy' => self::names(KnownBy::cases()),
        ];
    }

    /**
     * @param  list<ConditionZone|PlayAnswer|Urgency|Within|AvailabilityStatus|SupportType|KnownBy>  $cases
     * @return array<string, string> by value
     */
    private static function names(array $cases): array
    {
        $names = [];
        foreach ($cases as $case) {
            $names[$case->value] = $case->label();
        }

        return $names;
    }

    /**
     * @return array{id: string, label: string}
     */
    private static function labelled(Station|Condition $case): array
    {
        return ['id' => $case->value, 'label' => $case->label()];
    }

    /**
     * @return array<string, mixed>
     */
    private static function question(Question $question, RuleBook $rules): array
    {
        return [
            'key' => $question->key,
            'ask' => $question->ask,
            'part' => $question->part,
            'after' => $question->after,
            'underYears' => $question->underYears,
            'touchline' => $question->touchline,
            'goodNews' => $question->goodNews,
            'alarm' => $question->alarm === ''
                ? null
                : $rules->of(SafetyRule::from($question->alarm), $question->alarmAs)->say,
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function manoeuvre(Manoeuvre $manoeuvre): array
    {
        return [
            'id' => $manoeuvre->id,
            'station' => $manoeuvre->station->value,
            'family' => $manoeuvre->family->value,
            'minutes' => $manoeuvre->minutes,
            'provocation' => $manoeuvre->provocation,
            'bothAtOnce' => $manoeuvre->bothAtOnce,
            'fields' => array_map(self::field(...), $manoeuvre->fields),
            'checks' => $manoeuvre->checks,
            'tick' => $manoeuvre->names(ManoeuvreTrait::TickThatMatters)[0] ?? null,
            'feeds' => $manoeuvre->feeds,
            'card' => get_object_vars($manoeuvre->card),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function field(Field $field): array
    {
        return [
            'name' => $field->name,
            'label' => $field->label,
            'widget' => $field->widget->value,
            'seldom' => $field->seldom,
            'when' => $field->when === null ? null : get_object_vars($field->when),
            'kind' => $field->kind->value,
            'least' => $field->least,
            'most' => $field->most,
            'unit' => $field->unit,
            'words' => $field->words,
            'hint' => $field->hint,
            'instrument' => $field->instrument?->value,
            'inner' => array_map(self::field(...), $field->inner),
        ];
    }
}
