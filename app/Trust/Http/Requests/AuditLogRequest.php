<?php

declare(strict_types=1);

namespace App\Trust\Http\Requests;

use App\Access\Models\User;
use App\Platform\Audit\AuditEvent;
use App\Trust\Audit\Search;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;

/** Which audit entries are asked for. */
final class AuditLogRequest extends FormRequest
{
    /**
     * @return array<string, list<string|Enum>>
     */
    public function rules(): array
    {
        return [
            'person' => ['sometimes', 'nullable', 'ulid'],
            'event' => ['sometimes', 'nullable', Rule::enum(AuditEvent::class)],
            'subject' => ['sometimes', 'nullable', 'ulid'],
            'page' => ['sometimes', 'integer', 'min:1', 'max:100000'],
        ];
    }

    public function search(User $by): Search
    {
        return new Search(
            $by->teamId(),
            $this->id('person'),
            $this->enum('event', AuditEvent::class),
            $this->id('subject'),
            $this->integer('page', 1),
        );
    }

    private function id(string $name): ?string
    {
        return $this->filled($name) ? $this->string($name)->lower()->toString() : null;
    }
}
