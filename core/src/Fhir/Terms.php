<?php

declare(strict_types=1);

namespace GrayCompass\Core\Fhir;

/**
 * The code systems of a bundle: our own under one base, and the few of HL7 and UCUM that are free.
 *
 * @phpstan-type Element array<string, mixed>
 *
 * @phpstan-import-type Coding from Codings
 */
final readonly class Terms
{
    public const DEFAULT_BASE = 'urn:gray-compass:';

    public const UCUM = 'http://unitsofmeasure.org';

    private const HL7 = 'http://terminology.hl7.org/CodeSystem/';

    /**
     * @param  string  $base  the address before the name of each of our own systems, such as `urn:gray-compass:`
     * @param  Codings  $further  codes of other terminologies beside our own
     */
    public function __construct(
        private string $base = self::DEFAULT_BASE, private Codings $further = new Codings,
    ) {
    }

    /** The address of one of our own code systems, identifiers or extensions. */
    public function own(Code $system): string
    {
        return $this->base.$system->value;
    }

    /**
     * @return Element a CodeableConcept in one of our own systems
     */
    public function concept(Code $system, string $code, string $display = ''): array
    {
        return self::conceptIn($this->own($system), $code, $display, $this->further->beside($system, $code));
    }

    /**
     * @param  string  $system  the name of a code system of HL7, such as `observation-category`
     * @return Element a CodeableConcept
     */
    public function hl7(string $system, string $code, string $display): array
    {
        return self::conceptIn(self::HL7.$system, $code, $display);
    }

    /**
     * @param  string  $system  the name of a code system of HL7 version 3, such as `ActCode`
     * @return Element a CodeableConcept
     */
    public function hl7Version3(string $system, string $code, string $display): array
    {
        return $this->hl7("v3-{$system}", $code, $display);
    }

    /** @return Element an Identifier */
    public function identifier(Code $system, string $value): array
    {
        return ['system' => $this->own($system), 'value' => $value];
    }

    /**
     * @param  list<Coding>  $further  beside it
     * @return Element the text alone where there is no code, as in what was signed before it had one
     */
    private static function conceptIn(string $system, string $code, string $display, array $further = []): array
    {
        if ($code === '') {
            return ['text' => $display];
        }

        return ['coding' => [
            ['system' => $system, 'code' => $code, ...($display === '' ? [] : ['display' => $display])], ...$further,
        ], ...($display === '' ? [] : ['text' => $display])];
    }
}
