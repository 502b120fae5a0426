<?php

declare(strict_types=1);

namespace GrayCompass\Core\Fhir;

/** What a bundle holds of one athlete or several. */
final readonly class ReadRecord
{
    /**
     * @param  list<ReadEntry>  $entries  examinations and reference results
     * @param  list<string>  $unknown  paths of resources that belong to none of them
     */
    public function __construct(public array $entries, public array $unknown)
    {
    }
}
