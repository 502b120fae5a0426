<?php

declare(strict_types=1);

namespace GrayCompass\Core\Fhir;

use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Side;
use GrayCompass\Document\Given;
use GrayCompass\Document\Refusal;

/**
 * A DiagnosticReport or Procedure with its Observations as what a knee turned out to have.
 *
 * @internal
 */
final readonly class ReferenceReader
{
    public function __construct(private Terms $terms)
    {
    }

    /** Whether it is a look at a knee that answers what an examination asked; a report of an examination is none. */
    public function isLook(Found $found): bool
    {
        return \in_array($found->type(), ['DiagnosticReport', 'Procedure'], true) && $this->kind($found) !== null;
    }

    /**
     * @param  list<Found>  $observations  of this look
     *
     * @throws Refusal naming the element of the bundle
     */
    public function read(Found $look, array $observations): ReferenceResult
    {
        $isProcedure = $look->type() === 'Procedure';
        $when = $isProcedure ? 'performedDateTime' : 'effectiveDateTime';
        $on = substr($look->given->text($when), 0, 10);
        if (preg_match('/^\d{4}-\d\d-\d\d$/D', $on) !== 1) {
            throw Refusal::at("{$look->path}.{$when}", 'expected the day of it, such as 2026-03-14');
        }
        $answers = array_map($this->answer(...), $observations);
        if ($answers === []) {
            throw Refusal::at($look->path, 'expected an Observation of what was found');
        }
        $notes = array_map(static fn (Given $note): string => $note->text('text'), $look->given->items('note'));

        return new ReferenceResult(
            '',
            (string) $this->kind($look),
            '',
            $isProcedure,
            $on,
            $this->side($observations),
            $answers,
            $isProcedure ? implode("\n", $notes) : $look->given->text('conclusion'),
        );
    }

    private function kind(Found $look): ?string
    {
        return Found::codeIn($look->given->inner('code'), $this->terms->own(Code::Reference));
    }

    /** @return array{condition: Condition, seen: string, grade: int|null} */
    private function answer(Found $found): array
    {
        $condition = Condition::tryFrom((string) Found::codeIn($found->given->inner('code'), $this->terms->own(Code::Condition)))
            ?? throw Refusal::at("{$found->path}.code", 'expected a code of '.$this->terms->own(Code::Condition));
        $seen = Found::codeIn($found->given->inner('valueCodeableConcept'), $this->terms->own(Code::Word))
            ?? throw Refusal::at("{$found->path}.valueCodeableConcept", 'expected a code of '.$this->terms->own(Code::Word));
        $grade = null;
        foreach ($found->given->items('component') as $component) {
            if (Found::codeIn($component->inner('code'), $this->terms->own(Code::Item)) === 'grade') {
                $grade = $component->whole('valueInteger');
            }
        }

        return ['condition' => $condition, 'seen' => $seen, 'grade' => $grade];
    }

    /** @param  list<Found>  $observations */
    private function side(array $observations): Side
    {
        $told = null;
        foreach ($observations as $one) {
            $site = Found::codeIn($one->given->inner('bodySite'), $this->terms->own(Code::BodySite));
            $side = match ($site) {
                'left-knee' => Side::Left,
                'right-knee' => Side::Right,
                default => throw Refusal::at("{$one->path}.bodySite", 'expected the knee: left-knee or right-knee'),
            };
            if ($told !== null && $told !== $side) {
                throw Refusal::at("{$one->path}.bodySite", 'this is the other knee than that of the Observation before');
            }
            $told = $side;
        }

        return $told ?? throw Refusal::at('entry', 'expected the knee');
    }
}
