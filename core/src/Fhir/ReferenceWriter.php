<?php

declare(strict_types=1);

namespace GrayCompass\Core\Fhir;

/**
 * What a knee turned out to have: a DiagnosticReport or a Procedure, with an Observation for each condition.
 *
 * @internal
 *
 * @phpstan-import-type Element from Terms
 */
final readonly class ReferenceWriter
{
    public function __construct(private Labels $labels, private Terms $terms)
    {
    }

    /** @return list<array{fullUrl: string, resource: Element}> */
    public function write(ReferenceResult $result, Party $patient): array
    {
        $entries = new Entries(new Uuids($result->id));
        $site = $this->terms->concept(Code::BodySite, "{$result->side->value}-knee", ucfirst("{$result->side->value} knee"));
        $look = [
            'code' => $this->terms->concept(Code::Reference, $result->kind, $result->name),
            'subject' => $patient->reference(),
        ];
        $observations = [];
        foreach ($result->answers as $answer) {
            $condition = $answer['condition']->value;
            $observations[] = $entries->add('Observation', "answers.{$condition}", [
                'status' => 'final',
                'code' => $this->terms->concept(Code::Condition, $condition, $this->labels->word($condition)),
                'subject' => $patient->reference(),
                'effectiveDateTime' => $result->on,
                ...($result->isProcedure ? ['partOf' => [$entries->reference('look')]] : []),
                'bodySite' => $site,
                'valueCodeableConcept' => $this->terms->concept(Code::Word, $answer['seen'], $this->labels->word($answer['seen'])),
                ...($answer['grade'] === null ? [] : ['component' => [[
                    'code' => $this->terms->concept(Code::Item, 'grade', 'Grade'),
                    'valueInteger' => $answer['grade'],
                ]]]),
            ]);
        }
        $result->isProcedure
            ? $entries->add('Procedure', 'look', [
                'status' => 'completed', ...$look, 'performedDateTime' => $result->on, 'bodySite' => [$site],
                ...($result->note === '' ? [] : ['note' => [['text' => $result->note]]]),
            ])
            : $entries->add('DiagnosticReport', 'look', [
                'status' => 'final', ...$look, 'effectiveDateTime' => $result->on,
                ...($observations === [] ? [] : ['result' => $observations]),
                ...($result->note === '' ? [] : ['conclusion' => $result->note]),
            ]);

        return $entries->all();
    }
}
