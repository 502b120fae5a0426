<?php

declare(strict_types=1);

namespace App\Access\Http\Requests;

use App\Access\Values\Email;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** An address that a mail can leave for, by the same rule as those of accounts: what passes here is sent. */
final class MailAddress implements ValidationRule
{
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (! \is_string($value) || Email::normal($value) === null) {
            $fail(__('access.mailAddress.expected_an_e_mail_address_such'));
        }
    }
}
