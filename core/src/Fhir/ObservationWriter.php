<?php

declare(strict_types=1);

namespace GrayCompass\Core\Fhir;

use GrayCompass\Core\Catalogue\Field;
use stdClass;

/**
 * Parts and records of an examination document as Observations. Each value becomes a component; an object or
 * a list of objects becomes Observations of its own, which the one above names as members.
 *
 * @internal
 *
 * @phpstan-import-type Element from Terms
 */
final readonly class ObservationWriter
{
    /** What is kept of every record beside its fields. */
    private const OF_RECORDS = ['override', 'fromMemory', 'normal'];

    private Values $values;

    /**
     * @param  Element  $shared  what all Observations of the bundle say: subject, encounter, status
     */
    public function __construct(
        private Terms $terms,
        private Labels $labels,
        private Entries $entries,
        private array $shared,
        private Interpretations $interpretations,
    ) {
        $this->values = new Values($terms);
    }

    /**
     * @param  string  $key  of the part in its document
     * @param  string  $name  place in the document, such as `earlier[0].frame`
     * @return array{reference: string}
     */
    public function part(string $key, mixed $value, string $name, ?string $when): array
    {
        $body = $this->head('survey', 'Survey', $this->terms->concept(Code::Part, $key), $when);
        if (! $value instanceof stdClass) {
            return $this->entries->add('Observation', $name, [...$body, ...$this->values->absent(Code::UNKNOWN)]);
        }
        $day = $value->examinedOn ?? $value->on ?? null;
        [$components, $members] = $this->items($key, $value, $name, \is_string($day) && Dates::isDateTime($day) ? $day : $when);

        return $this->entries->add('Observation', $name, [...$body, ...$members, ...$components]);
    }

    /**
     * @param  stdClass  $record  what was found with one manoeuvre on one side
     * @param  string  $name  place in the document, such as `findings[3]`
     * @param  bool  $isJudged  whether its results stand in the assessment of this bundle
     * @return array{reference: string}
     */
    public function record(stdClass $record, string $name, ?string $when, bool $isJudged = false): array
    {
        $given = get_object_vars($record);
        $manoeuvre = self::text($given['manoeuvre'] ?? null);
        $side = self::text($given['side'] ?? null);
        $notDone = $given['notDone'] ?? null;
        $note = $given['note'] ?? null;
        [$components, $members] = $this->measures($manoeuvre, $given, $name, $side, $when);

        return $this->entries->add('Observation', $name, [
            ...$this->head('exam', 'Exam', $this->terms->concept(
                Code::Manoeuvre,
                $manoeuvre,
                $this->labels->catalogue->get($manoeuvre)->card->name,
            ), $when),
            ...($isJudged ? $this->interpretations->of($manoeuvre, $side) : []),
            ...(\is_string($notDone) ? $this->values->absent($notDone, $this->labels->word($notDone)) : []),
            'bodySite' => $this->bodySite($side),
            ...(\is_string($note) && $note !== '' ? ['note' => [['text' => $note]]] : []),
            ...($members === [] ? [] : ['hasMember' => $members]),
            ...($components === [] ? [] : ['component' => $components]),
        ]);
    }

    /** @return Element */
    public function bodySite(string $side): array
    {
        return $this->terms->concept(
            Code::BodySite,
            $side === 'both' ? 'both-knees' : "{$side}-knee",
            ['left' => 'Left knee', 'right' => 'Right knee', 'both' => 'Both knees'][$side] ?? $side,
        );
    }

    /**
     * @return array{array{component?: list<Element>}, array{hasMember?: list<array{reference: string}>}}
     */
    private function items(string $part, stdClass $value, string $name, ?string $when): array
    {
        $components = [];
        $members = [];
        foreach (get_object_vars($value) as $key => $inner) {
            $place = $name === ExaminationParts::WHOLE ? $key : "{$name}.{$key}";
            $isOfObjects = \in_array($key, ExaminationParts::LISTS, true);
            if ($inner instanceof stdClass) {
                $members[] = $this->part($key, $inner, $place, $when);
            } elseif ($isOfObjects && \is_array($inner) && $inner !== []) {
                foreach (array_values($inner) as $index => $one) {
                    $members[] = $key === 'findings' && $one instanceof stdClass
                        ? $this->record($one, "{$place}[{$index}]", $when)
                        : $this->part($key, $one, "{$place}[{$index}]", $when);
                }
            } else {
                $concept = $this->terms->concept(Code::Item, $key, $this->labels->item($part, $key));
                foreach ($this->itemValues($part, $key, $inner) as $one) {
                    $components[] = ['code' => $concept, ...$one];
                }
            }
        }

        return [
            $components === [] ? [] : ['component' => $components],
            $members === [] ? [] : ['hasMember' => $members],
        ];
    }

    /** @return list<Element> */
    private function itemValues(string $part, string $key, mixed $value): array
    {
        $isText = $this->labels->isTextOf($part, $key);

        return $this->valuesOf($value, Units::ofItem($key), $isText);
    }

    /**
     * @param  array<array-key, mixed>  $given  by key
     * @return array{list<Element>, list<array{reference: string}>}
     */
    private function measures(string $manoeuvre, array $given, string $name, string $side, ?string $when): array
    {
        $components = [];
        $members = [];
        $fields = $this->labels->fields($manoeuvre);
        foreach ($given as $key => $value) {
            $field = $fields[$key] ?? null;
            if ($field !== null && $field->inner !== [] && \is_array($value)) {
                foreach (array_values($value) as $index => $cell) {
                    $members[] = $this->cell($manoeuvre, $cell, "{$name}.{$key}[{$index}]", $side, $when);
                }
            } elseif ($field !== null) {
                array_push($components, ...$this->field($field, $value));
            } elseif ($key === ExaminationParts::BY && $value instanceof stdClass) {
                $members[] = $this->part($key, $value, "{$name}.{$key}", $when);
            } elseif ($key === 'checks') {
                array_push($components, ...$this->checks($value));
            } elseif (\in_array($key, self::OF_RECORDS, true) || ! \is_string($value)
                || ($key === 'note' && $value === '')) {
                foreach ($this->valuesOf($value, '1', true) as $one) {
                    $components[] = ['code' => $this->terms->concept(Code::Record, $key), ...$one];
                }
            }
        }

        return [$components, $members];
    }

    /** @return array{reference: string} one turn and push of the shin of a manoeuvre with several */
    private function cell(string $manoeuvre, mixed $cell, string $name, string $side, ?string $when): array
    {
        $components = [];
        $fields = $this->labels->cell($manoeuvre);
        foreach ($cell instanceof stdClass ? get_object_vars($cell) : [] as $key => $value) {
            if (isset($fields[$key])) {
                array_push($components, ...$this->field($fields[$key], $value));
            }
        }

        return $this->entries->add('Observation', $name, [
            ...$this->head('exam', 'Exam', $this->terms->concept(Code::Part, ExaminationParts::CELLS), $when),
            'bodySite' => $this->bodySite($side),
            'component' => $components,
        ]);
    }

    /** @return list<Element> */
    private function field(Field $field, mixed $value): array
    {
        $code = $this->terms->concept(Code::Field, $field->name, $field->label);

        return array_map(
            static fn (array $one): array => ['code' => $code, ...$one],
            $this->valuesOf($value, Units::ofField($field->unit), false),
        );
    }

    /** @return list<Element> */
    private function checks(mixed $checks): array
    {
        $answers = $checks instanceof stdClass ? get_object_vars($checks) : null;
        if ($answers === null || $answers === []) {
            return [[
                'code' => $this->terms->concept(Code::Record, 'checks'),
                ...$this->values->absent($answers === null ? Code::UNKNOWN : Code::EMPTY),
            ]];
        }
        $components = [];
        foreach ($answers as $check => $answer) {
            foreach ($this->valuesOf($answer, '1', false) as $one) {
                $components[] = ['code' => $this->terms->concept(Code::Check, $check, $this->labels->word($check)), ...$one];
            }
        }

        return $components;
    }

    /**
     * @return list<Element> several for a list, one for everything else
     */
    private function valuesOf(mixed $value, string $ucum, bool $isText): array
    {
        if (\is_array($value)) {
            return $value === [] ? [$this->values->absent(Code::EMPTY)] : array_map(
                fn (mixed $one): array => $this->values->word(self::text($one), $this->labels->word(self::text($one))),
                array_values($value),
            );
        }

        return [match (true) {
            \is_bool($value) => $this->values->yesNo($value),
            \is_int($value), \is_float($value) => $this->values->number($value, $ucum),
            \is_string($value) && $isText => $this->values->text($value),
            \is_string($value) => $this->values->word($value, $this->labels->word($value)),
            default => $this->values->absent(Code::UNKNOWN),
        }];
    }

    /**
     * @param  Element  $code
     * @return Element
     */
    private function head(string $category, string $called, array $code, ?string $when): array
    {
        return [
            'status' => $this->shared['status'],
            'category' => [$this->terms->hl7('observation-category', $category, $called)],
            'code' => $code,
            ...array_diff_key($this->shared, ['status' => true]),
            ...($when === null ? [] : ['effectiveDateTime' => $when]),
        ];
    }

    private static function text(mixed $value): string
    {
        return \is_string($value) ? $value : '';
    }
}
