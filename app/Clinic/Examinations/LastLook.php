<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use App\Access\Teams\TeamDays;
use App\Clinic\Models\Examination;
use App\Clinic\Models\StoredRecord;
use App\Clinic\Values\SectionName;
use GrayCompass\Core\Catalogue\Field;
use GrayCompass\Core\Catalogue\FieldKind;
use GrayCompass\Core\Figures;
use stdClass;

/**
 * What was found when the same knee was looked at before, to stand faintly beside what is measured now.
 *
 * @phpstan-type LastRecord array{
 *     manoeuvre: string, side: string, say: string, numbers: list<array{field: string, value: float}>
 * }
 * @phpstan-type Look array{examination: string, at: string, daysAgo: int, history: stdClass, records: list<LastRecord>}
 */
final readonly class LastLook
{
    public function __construct(private Figures $figures)
    {
    }

    /**
     * By the last signed visit of the same episode before this one.
     *
     * @return Look|null
     */
    public function before(Examination $examination): ?array
    {
        $last = Examination::query()->current()->where('episode_id', $examination->episode_id)
            ->where('examined_at', '<', $examination->examined_at)->whereKeyNot($examination->id)
            ->with(['records', 'sections'])->orderByDesc('examined_at')->first();

        return $last === null || $last->id === $examination->supersedes_id
            ? null
            : $this->look($last, $examination);
    }

    /**
     * Of both knees while they were sound.
     *
     * @return Look|null
     */
    public function baseline(Examination $examination): ?array
    {
        $baseline = $examination->baseline_id === null
            ? null
            : $examination->loadMissing(['baseline.records', 'baseline.sections'])->baseline;

        return $baseline === null ? null : $this->look($baseline, $examination);
    }

    /**
     * @return Look
     */
    private function look(Examination $last, Examination $examination): array
    {
        $records = [];
        foreach ($last->records as $record) {
            $row = $this->row($record);
            if ($row !== null) {
                $records[] = $row;
            }
        }

        return [
            'examination' => $last->id,
            'at' => $last->examined_at->toIso8601ZuluString(),
            'daysAgo' => TeamDays::ofTeam($examination->team_id)->between($last->examined_at, $examination->examined_at),
            'history' => $last->sections->firstWhere('name', SectionName::History->value)->payload ?? new stdClass,
            'records' => $records,
        ];
    }

    /**
     * @return LastRecord|null
     */
    private function row(StoredRecord $record): ?array
    {
        $payload = $record->payload;
        if ($payload === null || ! $this->figures->catalogue()->has($record->manoeuvre)) {
            return null;
        }
        $words = $numbers = [];
        foreach ($this->figures->catalogue()->get($record->manoeuvre)->fields as $field) {
            $value = $payload->{$field->name} ?? null;
            $word = $this->word($field, $value);
            $words = $word === null ? $words : [...$words, $word];
            if ($field->kind === FieldKind::Number && (is_int($value) || is_float($value))) {
                $numbers[] = ['field' => $field->name, 'value' => (float) $value];
            }
        }
        $say = $this->whole($payload) ?? implode(', ', $words);

        return $say === '' ? null : [
            'manoeuvre' => $record->manoeuvre, 'side' => $record->side, 'say' => $say, 'numbers' => $numbers,
        ];
    }

    private function whole(stdClass $payload): ?string
    {
        return match (true) {
            ($payload->normal ?? false) === true => 'normal',
            isset($payload->notDone) => 'not done',
            default => null,
        };
    }

    private function word(Field $field, mixed $value): ?string
    {
        return match (true) {
            $field->kind === FieldKind::Number && (is_int($value) || is_float($value)) => trim(
                ($field->seldom || $field->unit === '/10' ? mb_strtolower($field->label).' ' : '').$value
                    .($field->unit === '°' || $field->unit === '/10' ? $field->unit : " {$field->unit}"),
            ),
            $field->kind === FieldKind::Word && is_string($value) => $this->figures->words()[$value]
                ?? str_replace('_', ' ', $value),
            $field->kind === FieldKind::Flag && $value === true => mb_strtolower($field->label),
            default => null,
        };
    }
}
