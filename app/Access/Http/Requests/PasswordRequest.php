<?php

declare(strict_types=1);

namespace App\Access\Http\Requests;

use App\Access\Accounts\Passwords;
use App\Access\Values\Email;
use Illuminate\Foundation\Http\FormRequest;

/** Whatever has to do with a password: each door asks for its own of these. */
final class PasswordRequest extends FormRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        $text = ['required', 'string', 'max:'.Passwords::MOST];

        return match ($this->route()?->getName()) {
            'password.forgotten' => ['email' => ['required', 'string', 'max:'.Email::LONGEST]],
            'password.reset' => ['token' => $text, 'password' => $text],
            'password.update' => ['current' => $text, 'password' => $text],
            default => ['password' => $text],
        };
    }

    /** The one that stands until now. */
    public function current(): string
    {
        return $this->string('current')->toString();
    }

    public function password(): string
    {
        return $this->string('password')->toString();
    }
}
