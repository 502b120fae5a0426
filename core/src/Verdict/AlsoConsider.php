<?php

declare(strict_types=1);

namespace GrayCompass\Core\Verdict;

use GrayCompass\Core\Examination\Facts\ConditionReader;
use GrayCompass\Core\Examination\Facts\FactSubject;
use GrayCompass\Core\Examination\HurtKnee;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Results\SettledResults;

/**
 * What lies outside the nine conditions but showed in what was recorded. data/considerations.json holds each with its
 * condition and its words; the limits there are working estimates.
 *
 * @internal
 *
 * @phpstan-type Entry array{
 *     id: string, when: array<string, mixed>, why: string, found?: string, healsOverWeeks?: bool,
 *     needsDoctor?: bool|array<string, mixed>, soonWhen?: array<string, mixed>, explainsFrontPain?: bool,
 *     meanwhile?: string, parts?: list<array{when: array<string, mixed>, say: string, found?: string}>
 * }
 */
final readonly class AlsoConsider
{
    /**
     * @param  list<PossibleConsideration>  $possible  in the order in which they are told
     */
    private function __construct(private array $possible)
    {
    }

    /**
     * @param  list<Entry>  $data
     */
    public static function read(array $data): self
    {
        return new self(array_map(static fn (array $entry): PossibleConsideration => new PossibleConsideration(
            $entry['id'],
            ConditionReader::read($entry['when']),
            $entry['why'],
            $entry['found'] ?? null,
            \is_array($entry['needsDoctor'] ?? null) ? ConditionReader::read($entry['needsDoctor']) : null,
            ($entry['needsDoctor'] ?? null) === true,
            $entry['healsOverWeeks'] ?? false,
            array_map(
                static fn (array $part): array => [
                    ConditionReader::read($part['when']), $part['say'], $part['found'] ?? null,
                ],
                $entry['parts'] ?? [],
            ),
            isset($entry['soonWhen']) ? ConditionReader::read($entry['soonWhen']) : null,
            $entry['explainsFrontPain'] ?? false,
            $entry['meanwhile'] ?? null,
        ), $data));
    }

    /**
     * @return list<Consideration>
     */
    public function of(KneeExamination $examination, SettledResults $results): array
    {
        $seen = new FactSubject(new HurtKnee($examination), $results);

        return array_values(array_filter(array_map(
            static fn (PossibleConsideration $possible): ?Consideration => $possible->in($seen),
            $this->possible,
        )));
    }
}
