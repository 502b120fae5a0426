<?php

declare(strict_types=1);

namespace App\Exchange\Fhir;

use GrayCompass\Core\Fhir\Terms;

/**
 * What the FHIR interface of this server can do, as it says itself.
 *
 * @phpstan-import-type Element from Terms
 */
final class Capabilities
{
    public const OF_PATIENT = [
        'identifier' => 'token', 'family' => 'string', 'birthdate' => 'date', '_lastUpdated' => 'date',
    ];

    public const OF_A_KNEE = ['patient' => 'reference', 'date' => 'date', '_lastUpdated' => 'date'];

    public const TYPES = ['Observation', 'RiskAssessment', 'DiagnosticReport', 'ServiceRequest'];

    /**
     * @param  string  $address  of the interface
     * @return Element a CapabilityStatement
     */
    public static function statement(string $address): array
    {
        return [
            'resourceType' => 'CapabilityStatement',
            'status' => 'active',
            'date' => '2026-12-01',
            'kind' => 'instance',
            'implementation' => [
                'description' => 'Gray Compass: examinations of injured knees, read only', 'url' => $address,
            ],
            'fhirVersion' => '4.0.1',
            'format' => ['application/fhir+json'],
            'rest' => [[
                'mode' => 'server',
                'documentation' => 'Comes with a token of the ability `fhir`, as `Authorization: Bearer …`.',
                'resource' => [
                    [
                        ...self::resource('Patient', ['read', 'search-type'], self::OF_PATIENT),
                        'operation' => [[
                            'name' => 'everything',
                            'definition' => 'http://hl7.org/fhir/OperationDefinition/Patient-everything',
                        ]],
                    ],
                    ...array_map(
                        static fn (string $type): array => self::resource($type, ['search-type'], self::OF_A_KNEE),
                        self::TYPES,
                    ),
                    self::resource('CodeSystem', ['read', 'search-type'], ['url' => 'uri']),
                ],
            ]],
        ];
    }

    /**
     * @param  list<string>  $interactions
     * @param  array<string, string>  $parameters  kinds by name
     * @return Element
     */
    private static function resource(string $type, array $interactions, array $parameters): array
    {
        return [
            'type' => $type,
            'interaction' => array_map(static fn (string $code): array => ['code' => $code], $interactions),
            'searchParam' => array_map(
                static fn (string $name, string $kind): array => ['name' => $name, 'type' => $kind],
                array_keys($parameters),
                $parameters,
            ),
        ];
    }
}
