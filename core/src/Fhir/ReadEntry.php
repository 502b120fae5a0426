<?php

declare(strict_types=1);

namespace GrayCompass\Core\Fhir;

use GrayCompass\Document\Refusal;
use stdClass;

/** One examination or reference result of a bundle, or why it cannot be read. */
final readonly class ReadEntry
{
    /**
     * @param  string  $path  of its Encounter, DiagnosticReport or Procedure, such as `entry[3].resource`
     * @param  stdClass|null  $patient  the Patient resource; null: none is told
     * @param  stdClass|null  $document  an examination document that the core accepts
     * @param  list<string>  $unknown  paths of elements that neither of them has a place for
     */
    private function __construct(
        public string $path,
        public ?stdClass $patient,
        public ?stdClass $document = null,
        public ?ReferenceResult $reference = null,
        public ?Refusal $refusal = null,
        public array $unknown = [],
    ) {
    }

    /** @param  string  $path  of its Encounter; empty: it has none */
    public static function examination(string $path, ReadBundle $read): self
    {
        return new self($path, $read->patient, $read->document, unknown: $read->unknown);
    }

    public static function reference(string $path, ?stdClass $patient, ReferenceResult $result): self
    {
        return new self($path, $patient, reference: $result);
    }

    public static function refused(string $path, ?stdClass $patient, Refusal $why): self
    {
        return new self($path, $patient, refusal: $why);
    }
}
