<?php

declare(strict_types=1);

namespace GrayCompass\Core\Fhir;

use stdClass;

/** What a bundle holds of one examination. */
final readonly class ReadBundle
{
    /**
     * @param  stdClass  $document  accepted by the core
     * @param  stdClass  $patient  the Patient resource
     * @param  list<string>  $unknown  paths of resources and elements that the document has no place for
     */
    public function __construct(public stdClass $document, public stdClass $patient, public array $unknown)
    {
    }
}
