<?php

declare(strict_types=1);

namespace App\Clinic\Http\Requests;

use App\Clinic\Models\Task;
use App\Clinic\ReferenceResults\ReferenceFacts;
use App\Clinic\Values\InjuryState;
use App\Clinic\Values\ReferenceAnswer;
use App\Clinic\Values\ReferenceKind;
use Carbon\CarbonImmutable;
use Closure;
use GrayCompass\Core\Knee\Condition;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Date;
use Stringable;

/** What a knee turned out to have. */
final class ReferenceResultRequest extends FormRequest
{
    /** Before this nobody had looked at a knee of theirs. */
    private const YEARS_BACK = 60;

    private const WEEKS = 104;

    /**
     * @return array<string, list<string|Stringable|ValidationRule|Date|Closure>>
     */
    public function rules(): array
    {
        // Where it is tomorrow already, today has begun.
        $seen = Rule::date()->before(now()->addDays(2))->after(now()->subYears(self::YEARS_BACK));

        return [
            'kind' => ['required', Rule::enum(ReferenceKind::class)],
            'on' => ['bail', 'required', 'string', 'date_format:Y-m-d', $seen],
            'weeks' => ['sometimes', 'nullable', 'integer', 'between:1,'.self::WEEKS],
            'note' => ['sometimes', 'nullable', 'string', 'max:4000'],
            'answers' => ['required', 'array', 'min:1', 'max:'.\count(Condition::cases())],
            'answers.*' => ['array:condition,seen,grade', self::gradedWhereTorn(...)],
            'answers.*.condition' => ['required', Rule::enum(Condition::class), 'distinct', $this->tellsIt(...)],
            'answers.*.seen' => ['required', Rule::enum(InjuryState::class)],
            'answers.*.grade' => ['sometimes', 'nullable', 'integer', 'between:1,3'],
            'task' => ['sometimes', 'nullable', 'string'],
        ];
    }

    public function facts(): ReferenceFacts
    {
        /** @var list<array{condition: string, seen: string, grade?: int<1, 3>|null}> $answers */
        $answers = $this->input('answers');
        $weeks = $this->filled('weeks') ? $this->integer('weeks') : null;

        return new ReferenceFacts(
            ReferenceKind::from($this->string('kind')->toString()),
            CarbonImmutable::parse($this->string('on')->toString()),
            ReferenceAnswer::all($answers),
            $weeks === null ? null : max(1, min(self::WEEKS, $weeks)),
            $this->string('note')->trim()->toString(),
        );
    }

    /** What had asked for it; nothing where it is not said, or is not there. */
    public function task(): ?Task
    {
        return $this->filled('task') ? Task::query()->findOrFail($this->string('task')->toString()) : null;
    }

    private function tellsIt(string $path, mixed $condition, Closure $refuse): void
    {
        $answers = $this->input('kind');
        $kind = \is_string($answers) ? ReferenceKind::tryFrom($answers) : null;
        $of = \is_string($condition) ? Condition::tryFrom($condition) : null;
        if ($kind !== null && $of !== null && ! $kind->canTell($of)) {
            $refuse("{$kind->label()} does not tell {$of->label()}");
        }
    }

    private static function gradedWhereTorn(string $path, mixed $answer, Closure $refuse): void
    {
        if (\is_array($answer) && isset($answer['grade'])) {
            $of = \is_string($answer['condition'] ?? null) ? Condition::tryFrom($answer['condition']) : null;
            if ($of?->isLigament() !== true || ($answer['seen'] ?? '') !== InjuryState::Present->value) {
                $refuse('a grade belongs to a torn ligament');
            }
        }
    }
}
