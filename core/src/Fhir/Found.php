<?php

declare(strict_types=1);

namespace GrayCompass\Core\Fhir;

use GrayCompass\Document\Given;
use stdClass;

/**
 * A resource of a bundle that came in, and where it stands there.
 *
 * @internal
 */
final readonly class Found
{
    public Given $given;

    /**
     * @param  string  $path  such as `entry[3].resource`
     */
    public function __construct(public stdClass $resource, public string $path, public string $fullUrl)
    {
        $this->given = Given::in($resource);
    }

    public function type(): string
    {
        return $this->given->text('resourceType');
    }

    /**
     * The code of a CodeableConcept in one code system, wherever it stands among the codings.
     *
     * @param  Given  $concept  a CodeableConcept
     */
    public static function codeIn(Given $concept, string $system): ?string
    {
        foreach ($concept->items('coding') as $coding) {
            if ($coding->text('system') === $system) {
                return self::code($coding->word('code'));
            }
        }

        return null;
    }

    /** As FHIR writes a code: no line breaks, no other control characters. */
    private static function code(?string $code): ?string
    {
        return $code !== null && preg_match('/^[^\x00-\x20]+( [^\x00-\x20]+)*$/D', $code) === 1 ? $code : null;
    }
}
