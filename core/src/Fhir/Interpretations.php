<?php

declare(strict_types=1);

namespace GrayCompass\Core\Fhir;

use GrayCompass\Document\Given;

/**
 * What the assessment made of each record of the hurt knee: its results, and whether they count.
 *
 * @internal
 *
 * @phpstan-import-type Element from Terms
 */
final readonly class Interpretations
{
    private const CODES = [
        'positive' => ['POS', 'Positive'],
        'negative' => ['NEG', 'Negative'],
        'equivocal' => ['IND', 'Indeterminate'],
    ];

    /** @var array<string, list<array{finding: string, outcome: string, reason: ?string}>> by manoeuvre */
    private array $results;

    /**
     * @param  string  $hurtSide  the knee that was judged
     */
    public function __construct(private Terms $terms, Given $assessment, private string $hurtSide)
    {
        $results = [];
        foreach (['results', 'excluded'] as $list) {
            foreach ($assessment->items($list) as $result) {
                if ($result->word('carriedFrom') === null) {
                    $results[$result->text('manoeuvre')][] = [
                        'finding' => $result->text('finding'),
                        'outcome' => $result->text('outcome'),
                        'reason' => $list === 'excluded' ? $result->text('reason') : null,
                    ];
                }
            }
        }
        $this->results = $results;
    }

    /** @return Element interpretation and extension of an Observation; nothing for the other knee */
    public function of(string $manoeuvre, string $side): array
    {
        $results = $side === $this->hurtSide || $side === 'both' ? $this->results[$manoeuvre] ?? [] : [];
        $interpretations = [];
        $extensions = [];
        foreach ($results as $result) {
            [$code, $display] = self::CODES[$result['outcome']] ?? self::CODES['equivocal'];
            $interpretations[] = [
                ...$this->terms->hl7Version3('ObservationInterpretation', $code, $display),
                'text' => $result['finding'],
            ];
            $extensions[] = ['url' => $this->terms->own(Code::Counts), 'extension' => [
                ['url' => 'finding', 'valueCode' => $result['finding']],
                ['url' => 'counts', 'valueBoolean' => $result['reason'] === null],
                ...($result['reason'] === null ? [] : [['url' => 'reason', 'valueString' => $result['reason']]]),
            ]];
        }

        return $results === [] ? [] : ['extension' => $extensions, 'interpretation' => $interpretations];
    }
}
