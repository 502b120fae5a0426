<?php

declare(strict_types=1);

namespace App\Access\Http\Requests;

use App\Access\Accounts\Passwords;
use Illuminate\Foundation\Http\FormRequest;

/** The link of an invitation; and what somebody comes in with. */
final class AcceptRequest extends FormRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        $token = ['token' => ['required', 'string', 'max:100']];

        return $this->route()?->getName() === 'invitation.show' ? $token : $token + [
            'name' => ['sometimes', 'nullable', 'string', 'max:120'],
            'password' => ['sometimes', 'nullable', 'string', 'max:'.Passwords::MOST],
            'code' => ['sometimes', 'nullable', 'string', 'max:20'],
        ];
    }

    public function token(): string
    {
        return $this->string('token')->toString();
    }

    public function name(): ?string
    {
        return $this->filled('name') ? $this->string('name')->squish()->toString() : null;
    }

    public function code(): ?string
    {
        return $this->filled('code') ? $this->string('code')->toString() : null;
    }

    public function password(): string
    {
        return $this->string('password')->toString();
    }
}
