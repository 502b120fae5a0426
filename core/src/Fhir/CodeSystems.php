<?php

declare(strict_types=1);

namespace GrayCompass\Core\Fhir;

use GrayCompass\Core\Knee\Condition;

/**
 * Our own codes as CodeSystem resources, made from the catalogue.
 *
 * @phpstan-import-type Element from Terms
 */
final readonly class CodeSystems
{
    private const TITLES = [
        'manoeuvre' => 'Manoeuvres of the knee examination',
        'field' => 'What a manoeuvre records',
        'check' => 'What must hold for a measurement to be trusted',
        'word' => 'Words that a field can take',
        'condition' => 'Conditions of the knee',
        'body-site' => 'Knees',
    ];

    public function __construct(private Labels $labels, private Terms $terms)
    {
    }

    /** @return list<string> the names of those that are published */
    public function names(): array
    {
        return array_keys(self::TITLES);
    }

    /** @return Element|null the CodeSystem of this name; null: there is none */
    public function find(string $name): ?array
    {
        $system = Code::tryFrom($name);
        if ($system === null || ! isset(self::TITLES[$name])) {
            return null;
        }
        $concepts = [];
        foreach ($this->concepts($system) as $code => $display) {
            $concepts[] = ['code' => (string) $code, ...($display === '' ? [] : ['display' => $display])];
        }

        return [
            'resourceType' => 'CodeSystem',
            'id' => $name,
            'url' => $this->terms->own($system),
            'name' => str_replace(' ', '', ucwords(str_replace('-', ' ', $name))),
            'title' => self::TITLES[$name],
            'status' => 'active',
            'content' => 'complete',
            'count' => \count($concepts),
            'concept' => $concepts,
        ];
    }

    /** @return array<array-key, string> what each code is called */
    private function concepts(Code $system): array
    {
        return match ($system) {
            Code::Manoeuvre => array_map(
                static fn ($manoeuvre): string => $manoeuvre->card->name,
                array_column($this->labels->catalogue->manoeuvres, null, 'id'),
            ),
            Code::Field => $this->labels->fieldNames(),
            Code::Check => $this->labels->checkNames(),
            Code::Word => $this->labels->wordNames(),
            Code::Condition => array_combine(
                array_column(Condition::cases(), 'value'),
                array_map(static fn (Condition $one): string => $one->label(), Condition::cases()),
            ),
            Code::BodySite => ['left-knee' => 'Left knee', 'right-knee' => 'Right knee', 'both-knees' => 'Both knees'],
            default => [],
        };
    }
}
