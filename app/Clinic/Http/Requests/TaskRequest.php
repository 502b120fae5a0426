<?php

declare(strict_types=1);

namespace App\Clinic\Http\Requests;

use App\Clinic\Tasks\TaskChange;
use App\Clinic\Values\TaskState;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Date;
use Illuminate\Validation\Rules\Enum;

/** Something to do for an athlete, or what became of it. */
final class TaskRequest extends FormRequest
{
    private const YEARS_AHEAD = 3;

    /**
     * @return array<string, list<string|Date|Enum>>
     */
    public function rules(): array
    {
        // Where it is still yesterday, today is not over.
        $near = Rule::date()->after(now()->subDays(2))->before(now()->addYears(self::YEARS_AHEAD));
        $day = ['bail', 'string', 'date_format:Y-m-d', $near];

        return $this->isMethod('POST')
            ? ['title' => ['required', 'string', 'max:200'], 'dueOn' => ['required', ...$day]]
            : [
                'state' => ['required', Rule::enum(TaskState::class)],
                'dueOn' => ['sometimes', 'nullable', ...$day],
                'note' => ['sometimes', 'nullable', 'string', 'max:2000'],
            ];
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
