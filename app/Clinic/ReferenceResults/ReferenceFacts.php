<?php

declare(strict_types=1);

namespace App\Clinic\ReferenceResults;

use App\Clinic\Values\ReferenceAnswer;
use App\Clinic\Values\ReferenceKind;
use Carbon\CarbonImmutable;
use GrayCompass\Core\Examination\Treatment;

/**
 * What someone says that a knee turned out to have.
 *
 * @phpstan-type Looked array{condition: string, seen: string, grade: int<1, 3>|null}
 * @phpstan-type Said array{answers: list<Looked>, weeks: int<1, 104>|null, note: string, treated?: string}
 * @phpstan-type Written array{kind: string, on: string, answers: list<Looked>, weeks: int<1, 104>|null, note: string,
 *     treated?: string}
 */
final readonly class ReferenceFacts
{
    /**
     * @param  list<ReferenceAnswer>  $answers  of the injuries that were looked for
     * @param  int<1, 104>|null  $weeks  that were waited, where the course told it
     * @param  Treatment  $treated  what was done to the structures that were found torn
     */
    public function __construct(
        public ReferenceKind $kind,
        public CarbonImmutable $seenOn,
        public array $answers,
        public ?int $weeks = null,
        public string $note = '',
        public Treatment $treated = Treatment::None,
    ) {
    }

    /**
     * @param  array<string, mixed>  $content  as content() wrote it
     */
    public static function of(array $content): self
    {
        /** @var Written $content */
        return new self(
            ReferenceKind::from($content['kind']),
            CarbonImmutable::parse($content['on']),
            ReferenceAnswer::all($content['answers']),
            $content['weeks'],
            $content['note'],
            Treatment::from($content['treated'] ?? Treatment::None->value),
        );
    }

    /**
     * @return Written
     */
    public function content(): array
    {
        return ['kind' => $this->kind->value, 'on' => $this->seenOn->toDateString(), ...$this->answers()];
    }

    /**
     * @return array<string, mixed>
     */
    public function columns(): array
    {
        return ['kind' => $this->kind, 'seen_on' => $this->seenOn, 'content' => $this->answers()];
    }

    /**
     * @return Said
     */
    private function answers(): array
    {
        $answers = array_map(static fn (ReferenceAnswer $one): array => [
            'condition' => $one->condition->value, 'seen' => $one->seen->value, 'grade' => $one->grade,
        ], $this->answers);

        $treated = $this->treated === Treatment::None ? [] : ['treated' => $this->treated->value];

        return ['answers' => $answers, 'weeks' => $this->weeks, 'note' => $this->note, ...$treated];
    }
}
