<?php

declare(strict_types=1);

namespace GrayCompass\Core\Fhir;

use GrayCompass\Core\Catalogue\Field;
use GrayCompass\Core\Catalogue\FieldKind;
use GrayCompass\Document\Given;
use GrayCompass\Document\Refusal;
use stdClass;

/**
 * Observations as the parts and records of an examination document. Notes where each value came from, so that
 * what the document's own rules refuse can be told by its place in the bundle.
 *
 * @internal
 */
final class ObservationReader
{
    /** Elements that are understood, or said again by other resources of the bundle. */
    private const UNDERSTOOD = [
        'resourceType', 'id', 'meta', 'status', 'category', 'code', 'subject', 'encounter', 'performer', 'effectiveDateTime',
        'extension', 'interpretation', 'bodySite', 'note', 'hasMember', 'component', 'dataAbsentReason', 'valueQuantity',
        'identifier', 'text', 'issued',
    ];

    /** @var array<string, string> paths in the bundle by place in the document */
    public array $places = [];

    /** @var list<string> */
    public array $unknown = [];

    /** @var array<string, true> paths of the Observations that were read */
    private array $taken = [];

    /**
     * @param  array<string, Found>  $byReference  the Observations
     */
    public function __construct(
        private readonly Terms $terms,
        private readonly Labels $labels,
        private readonly array $byReference,
    ) {
    }

    /**
     * @param  string  $place  of the part in the document; empty for the document itself
     * @return stdClass|null null: the part was given as null
     *
     * @throws Refusal naming the element
     */
    public function part(Found $found, string $place): ?stdClass
    {
        $this->understand($found, $place);
        if ($this->absent($found->given) === Code::UNKNOWN) {
            return null;
        }
        $part = new stdClass;
        foreach ($found->given->items('component') as $index => $component) {
            $path = "{$found->path}.component[{$index}]";
            $key = Found::codeIn($component->inner('code'), $this->terms->own(Code::Item));
            if ($key === null) {
                $this->unknown[] = $path;

                continue;
            }
            $this->take($part, $key, $component, $place, $path, Units::ofItem($key), $this->labels->isListOf($key));
        }
        $this->members($part, $found, $place);

        return $part;
    }

    /**
     * @param  string  $place  of the record in the document, such as `findings[3]`
     *
     * @throws Refusal naming the element
     */
    public function record(Found $found, string $place): stdClass
    {
        $this->understand($found, $place);
        $manoeuvre = $this->manoeuvre($found);
        $record = new stdClass;
        $record->manoeuvre = $manoeuvre;
        $record->side = $this->side($found);
        $this->places["{$place}.side"] = "{$found->path}.bodySite";
        $this->places["{$place}.manoeuvre"] = "{$found->path}.code";
        $fields = $this->labels->fields($manoeuvre);
        foreach ($found->given->items('component') as $index => $component) {
            $this->measure($record, $component, $fields, $place, "{$found->path}.component[{$index}]");
        }
        foreach ($this->referred($found) as $member) {
            if ($this->partOf($member) === ExaminationParts::BY) {
                $record->by = $this->part($member, "{$place}.by");

                continue;
            }
            $cells = \is_array($record->cells ?? null) ? $record->cells : [];
            $at = "{$place}.cells[".\count($cells).']';
            $record->cells = [...$cells, $this->cell($member, $manoeuvre, $at)];
        }
        $notDone = $this->absent($found->given);
        if ($notDone !== null) {
            $record->notDone = $notDone;
            $this->places["{$place}.notDone"] = "{$found->path}.dataAbsentReason";
        }
        $notes = array_map(static fn (Given $note): string => $note->text('text'), $found->given->items('note'));
        if ($notes !== []) {
            $record->note = implode("\n", $notes);
            $this->places["{$place}.note"] = "{$found->path}.note[0].text";
        }

        return $record;
    }

    /** The code of a part; null where the Observation is none of ours. */
    public function partOf(Found $found): ?string
    {
        return Found::codeIn($found->given->inner('code'), $this->terms->own(Code::Part));
    }

    public function isRecord(Found $found): bool
    {
        return Found::codeIn($found->given->inner('code'), $this->terms->own(Code::Manoeuvre)) !== null;
    }

    /** @return list<Found> the members of an Observation */
    public function referred(Found $found): array
    {
        $members = [];
        foreach ($found->given->items('hasMember') as $index => $reference) {
            $members[] = $this->byReference[$reference->text('reference')] ?? throw Refusal::at(
                "{$found->path}.hasMember[{$index}].reference",
                'expected an Observation of this bundle',
            );
        }

        return $members;
    }

    /** Whether an Observation of ours has not been read: it is a member of itself, or of one that is none of ours. */
    public function isLeft(Found $found): bool
    {
        return ! isset($this->taken[$found->path]) && ($this->isRecord($found) || $this->partOf($found) !== null);
    }

    /**
     * Years, as they were written.
     *
     * @throws Refusal naming the element
     */
    public function age(Found $found): int|float
    {
        $this->understand($found, 'ageYears');
        $this->places['ageYears'] = "{$found->path}.valueQuantity";

        return $this->quantity($found->given->inner('valueQuantity'), 'a', "{$found->path}.valueQuantity");
    }

    private function members(stdClass $part, Found $found, string $place): void
    {
        foreach ($this->referred($found) as $member) {
            $key = $this->isRecord($member) ? 'findings' : $this->partOf($member);
            if ($key === null) {
                $this->unknown[] = $member->path;

                continue;
            }
            $inner = $place === '' ? $key : "{$place}.{$key}";
            if (! \in_array($key, ExaminationParts::LISTS, true)) {
                $part->{$key} = $this->part($member, $inner);

                continue;
            }
            $list = \is_array($part->{$key} ?? null) ? $part->{$key} : [];
            $inner .= '['.\count($list).']';
            $part->{$key} = [...$list, $key === 'findings'
                ? $this->record($member, $inner)
                : $this->part($member, $inner)];
        }
    }

    private function manoeuvre(Found $found): string
    {
        $manoeuvre = (string) Found::codeIn($found->given->inner('code'), $this->terms->own(Code::Manoeuvre));
        if (! $this->labels->catalogue->has($manoeuvre)) {
            throw Refusal::at("{$found->path}.code", "there is no manoeuvre {$manoeuvre}");
        }

        return $manoeuvre;
    }

    private function side(Found $found): string
    {
        $site = Found::codeIn($found->given->inner('bodySite'), $this->terms->own(Code::BodySite));

        return ['left-knee' => 'left', 'right-knee' => 'right', 'both-knees' => 'both'][$site ?? '']
            ?? throw Refusal::at("{$found->path}.bodySite", 'expected the knee that was examined: left-knee, right-knee or both-knees');
    }

    /** @param  array<string, Field>  $fields */
    private function measure(stdClass $record, Given $component, array $fields, string $place, string $path): void
    {
        $code = $component->inner('code');
        $name = Found::codeIn($code, $this->terms->own(Code::Field));
        $check = Found::codeIn($code, $this->terms->own(Code::Check));
        $kept = Found::codeIn($code, $this->terms->own(Code::Record));
        if ($name !== null) {
            $field = $fields[$name] ?? throw Refusal::at("{$path}.code", "this manoeuvre has no {$name}");
            $isList = $field->kind === FieldKind::Words || $field->kind === FieldKind::Cells;
            $this->take($record, $name, $component, $place, $path, Units::ofField($field->unit), $isList);
        } elseif ($check !== null) {
            $checks = ($record->checks ?? null) instanceof stdClass ? $record->checks : new stdClass;
            $this->take($checks, $check, $component, "{$place}.checks", $path, '1', false);
            $record->checks = $checks;
        } elseif ($kept === 'checks') {
            $record->checks = $this->absent($component) === Code::EMPTY ? new stdClass : null;
        } elseif ($kept !== null) {
            $this->take($record, $kept, $component, $place, $path, '1', false);
        } else {
            $this->unknown[] = $path;
        }
    }

    private function cell(Found $found, string $manoeuvre, string $place): stdClass
    {
        $this->understand($found, $place);
        $cell = new stdClass;
        $fields = $this->labels->cell($manoeuvre);
        foreach ($found->given->items('component') as $index => $component) {
            $this->measure($cell, $component, $fields, $place, "{$found->path}.component[{$index}]");
        }

        return $cell;
    }

    private function take(stdClass $into, string $key, Given $component, string $place, string $path, string $unit, bool $isList): void
    {
        $at = $place === '' ? $key : "{$place}.{$key}";
        $absent = $this->absent($component);
        $value = match (true) {
            $absent === Code::UNKNOWN => null,
            $absent === Code::EMPTY => $isList || \in_array($key, ExaminationParts::LISTS, true) ? [] : '',
            default => $this->value($component, $unit, $path),
        };
        $isCoded = $component->has('valueCodeableConcept');
        if ($isList && $isCoded) {
            $list = \is_array($into->{$key} ?? null) ? $into->{$key} : [];
            $this->places["{$at}[".\count($list).']'] = $path;
            $value = [...$list, $value];
        } elseif (property_exists($into, $key)) {
            throw Refusal::at($path, "{$key} is said twice");
        }
        $into->{$key} = $value;
        $this->places[$at] ??= $path;
    }

    private function value(Given $component, string $unit, string $path): bool|int|float|string
    {
        if ($component->has('valueQuantity')) {
            return $this->quantity($component->inner('valueQuantity'), $unit, "{$path}.valueQuantity");
        }
        if ($component->has('valueCodeableConcept')) {
            return Found::codeIn($component->inner('valueCodeableConcept'), $this->terms->own(Code::Word))
                ?? throw Refusal::at("{$path}.valueCodeableConcept", 'expected a code of '.$this->terms->own(Code::Word));
        }

        return $component->answer('valueBoolean') ?? $component->word('valueString') ?? $component->word('valueDateTime')
            ?? throw Refusal::at($path, 'expected a value, or a reason why there is none');
    }

    private function quantity(Given $quantity, string $unit, string $path): int|float
    {
        $given = $quantity->word('code') ?? $quantity->word('unit') ?? '1';
        $value = $quantity->amount('value') ?? throw Refusal::at("{$path}.value", 'expected a number');
        $system = $quantity->word('system') ?? Terms::UCUM;
        $converted = $system === Terms::UCUM ? Units::convert($value, $given, $unit) : null;

        return $converted ?? throw Refusal::at("{$path}.code", $unit === '1'
            ? "expected a number without a unit, not {$given}" : "expected the unit {$unit}, not {$given}");
    }

    /** Why a value is missing, in our own words; null where there is a value, or no reason that we know. */
    private function absent(Given $given): ?string
    {
        return Found::codeIn($given->inner('dataAbsentReason'), $this->terms->own(Code::Absent));
    }

    private function understand(Found $found, string $place): void
    {
        if (isset($this->taken[$found->path])) {
            throw Refusal::at($found->path, 'this Observation is a member of two others');
        }
        $this->taken[$found->path] = true;
        $this->places[$place] = $found->path;
        foreach (array_diff($found->given->names(), self::UNDERSTOOD) as $name) {
            $this->unknown[] = "{$found->path}.{$name}";
        }
    }
}
