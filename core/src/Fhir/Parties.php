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
     */
    public function __construct(
        public ?Party $patient = null,
        public ?Party $practitioner = null,
        public ?Party $organization = null,
    ) {
    }
}
