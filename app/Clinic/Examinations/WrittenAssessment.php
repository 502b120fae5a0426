<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use App\Clinic\Models\Snapshot;
use App\Clinic\Values\Predicted;
use GrayCompass\Core\Examination\Treatment;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Plan\Within;
use GrayCompass\Core\Sentences\Language;
use GrayCompass\Core\Verdict\ConditionZone;

/**
 * Reads an assessment as it was written, by today's rules or by those of the day on which it was signed. It is the one
 * place that knows the keys of the document; what rules of then did not say yet is empty.
 *
 * @phpstan-type Row array{id: string, posttest: float, interval: array{float, float}, zone: string}
 */
final readonly class WrittenAssessment
{
    /**
     * @param  array<string, mixed>  $document
     */
    public function __construct(private array $document)
    {
    }

    public static function signed(Snapshot $snapshot): self
    {
        return new self($snapshot->payload);
    }

    /**
     * How likely each injury was held; nothing where no chance was told: of a structure that was operated on, or
     * that was looked into.
     *
     * @return list<Predicted> most likely first
     */
    public function chances(): array
    {
        /** @var list<Row> $rows */
        $rows = $this->document['conditions'] ?? [];
        $rows = array_filter($rows, static fn (array $row): bool => ConditionZone::from($row['zone'])->tellsChance());
        usort($rows, static fn (array $one, array $other): int => $other['posttest'] <=> $one['posttest']);

        return array_map(static fn (array $row, int $place): Predicted => new Predicted(
            Condition::from($row['id']), $row['posttest'], $row['interval'][0], $row['interval'][1],
            ConditionZone::from($row['zone']), $place + 1,
        ), $rows, array_keys($rows));
    }

    /**
     * Injuries that a look inside the joint, or an earlier episode, has confirmed: no chance was told of them.
     *
     * @return list<Condition>
     */
    public function confirmed(): array
    {
        /** @var list<Row> $rows */
        $rows = $this->document['conditions'] ?? [];

        return array_values(array_map(
            static fn (array $row): Condition => Condition::from($row['id']),
            array_filter($rows, static fn (array $row): bool => $row['zone'] === ConditionZone::Confirmed->value),
        ));
    }

    /**
     * Structures that an operation on record has treated.
     *
     * @return list<Condition>
     */
    public function treated(): array
    {
        /** @var list<array{treated: string, results: list<array{condition: string, present: bool}>}> $known */
        $known = $this->document['known'] ?? [];
        $treated = [];
        foreach ($known as $one) {
            foreach ($one['treated'] === Treatment::None->value ? [] : $one['results'] as $result) {
                if ($result['present']) {
                    $treated[$result['condition']] = Condition::from($result['condition']);
                }
            }
        }

        return array_values($treated);
    }

    /** Null where fluid was not judged. */
    public function fluidGrade(): ?float
    {
        $effusion = $this->document['effusion'] ?? null;
        $grade = \is_array($effusion) ? $effusion['grade'] ?? null : null;

        return is_numeric($grade) ? (float) $grade : null;
    }

    /**
     * @return array<string, int> by manoeuvre, where one was graded
     */
    public function grades(): array
    {
        /** @var list<array{manoeuvre: string, grade: int|null}> $measurements */
        $measurements = $this->document['measurements'] ?? [];

        return array_filter(array_column($measurements, 'grade', 'manoeuvre'), is_int(...));
    }

    /**
     * @return list<string> how soon and to whom, worst first
     */
    public function referrals(): array
    {
        /** @var list<array{to: string, within: string}> $sent */
        $sent = $this->plan()['sendOn'] ?? [];

        return array_map(static fn (array $one): string => Within::from($one['within'])->label().": {$one['to']}", $sent);
    }

    /** Empty where nothing was said of it yet. */
    public function availability(): string
    {
        $availability = $this->plan()['availability'] ?? [];
        $status = \is_array($availability) ? $availability['status'] ?? '' : '';

        return \is_string($status) ? $status : '';
    }

    /** The note for a letter. */
    public function note(): string
    {
        return $this->words('note');
    }

    public function forAthlete(): string
    {
        return $this->words('forAthlete');
    }

    /**
     * What the athlete reads, by code; empty where only words were kept.
     *
     * @return list<array{code: string, sentences: list<array{code: string, values: list<mixed>}>}>
     */
    public function athleteSections(): array
    {
        /** @var array{athlete?: list<array{code: string, sentences: list<array{code: string, values: list<mixed>}>}>} $words */
        $words = $this->plan()['words'] ?? [];

        return $words['athlete'] ?? [];
    }

    /** As it was put into this language when it was signed; null where it was not. */
    public function translation(Language $language): ?string
    {
        /** @var array{translations?: array<string, string>} $words */
        $words = $this->plan()['words'] ?? [];

        return $words['translations'][$language->value] ?? null;
    }

    private function words(string $for): string
    {
        $text = $this->plan()[$for] ?? '';

        return \is_string($text) ? $text : '';
    }

    /**
     * @return array<array-key, mixed>
     */
    private function plan(): array
    {
        $plan = $this->document['plan'] ?? [];

        return \is_array($plan) ? $plan : [];
    }
}
