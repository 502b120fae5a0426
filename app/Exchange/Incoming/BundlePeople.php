<?php

declare(strict_types=1);

namespace App\Exchange\Incoming;

use Carbon\CarbonImmutable;
use GrayCompass\Core\Fhir\Code;
use GrayCompass\Core\Fhir\Terms;
use GrayCompass\Document\Given;
use Illuminate\Support\Str;
use stdClass;

/** Who a Patient resource is. */
final readonly class BundlePeople
{
    public function __construct(private Terms $terms)
    {
    }

    public function person(?stdClass $patient): Person
    {
        $given = Given::in($patient);
        $born = $given->text('birthDate');
        $id = $this->identifier($given, Code::Athlete);

        return new Person(
            // A document alone calls its athlete as it likes.
            Str::isUlid((string) $id) ? $id : null,
            $this->identifier($given, Code::Number),
            self::name($given),
            preg_match('/^\d{4}-\d\d-\d\d$/D', $born) === 1 ? CarbonImmutable::parse($born, 'UTC') : null,
            \in_array($given->text('gender'), ['female', 'male'], true) ? $given->text('gender') : null,
        );
    }

    private function identifier(Given $patient, Code $system): ?string
    {
        foreach ($patient->items('identifier') as $identifier) {
            if ($identifier->text('system') === $this->terms->own($system) && trim($identifier->text('value')) !== '') {
                return trim($identifier->text('value'));
            }
        }

        return null;
    }

    private static function name(Given $patient): string
    {
        foreach ($patient->items('name') as $name) {
            $told = $name->text('text') !== ''
                ? $name->text('text') : implode(' ', [...$name->words('given'), $name->text('family')]);
            if (trim($told) !== '') {
                return mb_substr(trim((string) preg_replace('/\s+/u', ' ', $told)), 0, 120);
            }
        }

        return '';
    }
}
