<?php

declare(strict_types=1);

namespace GrayCompass\Core\Fhir;

/**
 * One value of a document as `value[x]` of an Observation or of its component.
 *
 * @internal
 *
 * @phpstan-import-type Element from Terms
 */
final readonly class Values
{
    public function __construct(private Terms $terms)
    {
    }

    /** @return Element */
    public function yesNo(bool $value): array
    {
        return ['valueBoolean' => $value];
    }

    /** @return Element */
    public function number(int|float $value, string $ucum): array
    {
        $written = Units::written($ucum);

        return ['valueQuantity' => [
            'value' => $value,
            ...($written === '' ? [] : ['unit' => $written]),
            'system' => Terms::UCUM,
            'code' => $ucum,
        ]];
    }

    /** @return Element */
    public function word(string $code, string $display): array
    {
        return ['valueCodeableConcept' => $this->terms->concept(Code::Word, $code, $display)];
    }

    /** @return Element a date where the text is one */
    public function text(string $value): array
    {
        return match (true) {
            $value === '' => $this->absent(Code::EMPTY),
            Dates::isDateTime($value) => ['valueDateTime' => $value],
            default => ['valueString' => $value],
        };
    }

    /**
     * @param  string  $code  why there is no value: an own reason, {@see Code::EMPTY} or {@see Code::UNKNOWN}
     * @return Element
     */
    public function absent(string $code, string $display = ''): array
    {
        return ['dataAbsentReason' => $this->terms->concept(Code::Absent, $code, $display)];
    }
}
