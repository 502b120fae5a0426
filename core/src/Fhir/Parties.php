<?php

declare(strict_types=1);

namespace GrayCompass\Core\Fhir;

/**
 * What a bundle takes from the record of a team beside the document.
 *
 * @phpstan-import-type Element from Terms
 */
final readonly class Parties
{
    /**
     * @param  Element|null  $patient  the body of the Patient; null: made from the document, without a birth date
     * @param  Element|null  $practitioner  the body of the Practitioner; null: made from the document
     * @param  string|null  $letter  the letter as a PDF file
     */
    public function __construct(
        public ?array $patient = null,
        public ?array $practitioner = null,
        public ?string $letter = null,
    ) {
    }
}
