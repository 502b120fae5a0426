<?php

declare(strict_types=1);

namespace App\Clinic\Http\Requests;

use App\Clinic\Http\Shapes\ReferenceResultShapes;
use App\Clinic\Models\Task;
use App\Clinic\ReferenceResults\AnswerRules;
use App\Clinic\ReferenceResults\ReferenceFacts;
use App\Clinic\Values\InjuryState;
use App\Clinic\Values\ReferenceAnswer;
use App\Clinic\Values\ReferenceKind;
use App\Platform\Http\ShapedRequest;
use Carbon\CarbonImmutable;
use Closure;
use GrayCompass\Core\Examination\Treatment;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Document\Shape\Definition;
use Illuminate\Validation\Rule;

/** What a knee turned out to have. */
final class ReferenceResultRequest extends ShapedRequest
{
    private const WEEKS = 104;

    protected function shape(): Definition
    {
        return ReferenceResultShapes::newReferenceResult();
    }

    protected function also(): array
    {
        // Where it is tomorrow already, today has begun.
        $seen = Rule::date()->before(now()->addDays(2))->after(now()->subYears(AnswerRules::YEARS_BACK));

        return [
            'on' => [$seen],
            'treated' => [$this->treatedByWhatTreats(...)],
            'answers.*' => [self::gradedWhereTorn(...)],
            'answers.*.condition' => ['distinct', $this->tellsIt(...)],
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
            Treatment::tryFrom($this->string('treated')->toString()) ?? Treatment::None,
        );
    }

    /** What had asked for it; nothing where it is not said, or is not there. */
    public function task(): ?Task
    {
        return $this->filled('task') ? Task::query()->findOrFail($this->string('task')->toString()) : null;
    }

    private function kind(): ?ReferenceKind
    {
        $kind = $this->input('kind');

        return \is_string($kind) ? ReferenceKind::tryFrom($kind) : null;
    }

    private function tellsIt(string $path, mixed $condition, Closure $refuse): void
    {
        $kind = $this->kind();
        $of = \is_string($condition) ? Condition::tryFrom($condition) : null;
        $why = $kind === null || $of === null ? null : AnswerRules::condition($kind, $of);
        $why === null || $refuse($why);
    }

    private function treatedByWhatTreats(string $path, mixed $treated, Closure $refuse): void
    {
        $kind = $this->kind();
        if ($kind?->treats() === false && $treated !== null && $treated !== Treatment::None->value) {
            $refuse("{$kind->label()} is not a treatment: enter the operation as a separate result");
        }
    }

    private static function gradedWhereTorn(string $path, mixed $answer, Closure $refuse): void
    {
        if (\is_array($answer) && isset($answer['grade'])) {
            $of = \is_string($answer['condition'] ?? null) ? Condition::tryFrom($answer['condition']) : null;
            $seen = \is_string($answer['seen'] ?? null) ? InjuryState::tryFrom($answer['seen']) : null;
            $why = AnswerRules::grade($of, $seen, \is_int($answer['grade']) ? $answer['grade'] : 0);
            $why === null || $refuse($why);
        }
    }
}
