<?php

declare(strict_types=1);

namespace GrayCompass\Core\Fhir;

/** What a bundle takes from the record of a team beside the document. */
final readonly class Parties
{
    /**
     * @param  Party|null  $patient  null: made from the document, without a birth date
     * @param  Party|null  $practitioner  who examined; null: made from the document
     * @param  Party|null  $organization  the team; null: not known
     * @param  Signature|null  $signature  null: not signed, or not here
     * @param  string|null  $paper  the summary as a PDF; null: it stays out
     */
    public function __construct(
        public ?Party $patient = null,
        public ?Party $practitioner = null,
        public ?Party $organization = null,
        public ?Signature $signature = null,
        public ?string $paper = null,
    ) {
    }
}
