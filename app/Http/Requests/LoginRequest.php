<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\People\Email;
use Illuminate\Foundation\Http\FormRequest;

final class LoginRequest extends FormRequest
{
    /**
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'max:255'], 'password' => ['required', 'string', 'max:255']];
    }

    /**
     * An address that no account can have is looked for all the same: the answer takes as long, and says as little.
     *
     * @return array{email_print: string, password: string}
     */
    public function credentials(): array
    {
        return [
            'email_print' => Email::fingerprint(Email::normal($this->string('email')->toString()) ?? ''),
            'password' => $this->string('password')->toString(),
        ];
    }
}
