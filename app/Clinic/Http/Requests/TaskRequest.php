<?php

declare(strict_types=1);

namespace App\Clinic\Http\Requests;

use App\Clinic\Http\Shapes\TaskShapes;
use App\Clinic\Tasks\TaskChange;
use App\Clinic\Values\TaskState;
use App\Platform\Http\ShapedRequest;
use Carbon\CarbonImmutable;
use GrayCompass\Document\Shape\Definition;
use Illuminate\Validation\Rule;

/** Something to do for an athlete, or what became of it. */
final class TaskRequest extends ShapedRequest
{
    private const YEARS_AHEAD = 3;

    protected function shape(): Definition
    {
        return $this->isMethod('POST') ? TaskShapes::newTask() : TaskShapes::taskChange();
    }

    protected function also(): array
    {
        // Where it is still yesterday, today is not over.
        return ['dueOn' => [Rule::date()->after(now()->subDays(2))->before(now()->addYears(self::YEARS_AHEAD))]];
    }

    public function title(): string
    {
        return $this->string('title')->squish()->toString();
    }

    public function change(): TaskChange
    {
        return new TaskChange(TaskState::from($this->string('state')->toString()), $this->dueOn(), $this->note());
    }

    /** Null: as it was. */
    public function dueOn(): ?CarbonImmutable
    {
        return $this->filled('dueOn') ? CarbonImmutable::parse($this->string('dueOn')->toString()) : null;
    }

    private function note(): ?string
    {
        return $this->filled('note') ? $this->string('note')->trim()->toString() : null;
    }
}
