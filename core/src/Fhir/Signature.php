<?php

declare(strict_types=1);

namespace GrayCompass\Core\Fhir;

/** Who signed an examination, when, and what exactly. */
final readonly class Signature
{
    /**
     * @param  string  $at  moment (ISO 8601)
     * @param  string  $digest  SHA-256 of what was signed, in hexadecimal digits; the audit log holds it too
     */
    public function __construct(public Party $by, public string $at, public string $digest)
    {
    }
}
