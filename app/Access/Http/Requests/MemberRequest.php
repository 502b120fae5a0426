<?php

declare(strict_types=1);

namespace App\Access\Http\Requests;

use App\Access\Values\Email;
use App\Access\Values\Role;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;

/** A role in the team, and for an invitation the address that it goes to. */
final class MemberRequest extends FormRequest
{
    /**
     * @return array<string, list<string|Enum|Closure>>
     */
    public function rules(): array
    {
        $role = ['role' => ['required', Rule::enum(Role::class)]];

        return $this->route()?->getName() === 'invitations.store'
            ? ['email' => ['required', 'string', 'max:255', self::isAddress(...)]] + $role
            : $role;
    }

    public function role(): Role
    {
        return Role::from($this->string('role')->toString());
    }

    /** In its one spelling. */
    public function email(): string
    {
        return (string) Email::normal($this->string('email')->toString());
    }

    private static function isAddress(string $attribute, mixed $value, Closure $fail): void
    {
        if (! is_string($value) || Email::normal($value) === null) {
            $fail('This is no e-mail address that an account may have.');
        }
    }
}
