<?php

declare(strict_types=1);

namespace App\Access\Http\Requests;

use App\Access\Http\Shapes\AccountShapes;
use App\Access\Values\Email;
use App\Platform\Http\ShapedRequest;
use GrayCompass\Document\Shape\Definition;

final class LoginRequest extends ShapedRequest
{
    protected function shape(): Definition
    {
        return AccountShapes::credentials();
    }

    /**
     * An address that no account can have is looked for all the same: the answer takes as long, and says as little.
     *
     * @return array{email_hash: string, password: string}
     */
    public function credentials(): array
    {
        return [
            'email_hash' => Email::hash($this->email() ?? ''),
            'password' => $this->string('password')->toString(),
        ];
    }

    /** In its one spelling; null where it is none that an account may have. */
    public function email(): ?string
    {
        return Email::normal($this->string('email')->toString());
    }

    /** Of the second factor; null where none came along. */
    public function code(): ?string
    {
        return $this->filled('code') ? $this->string('code')->toString() : null;
    }

    /** Whether others use this device too: then it is left sooner. */
    public function isShared(): bool
    {
        return $this->boolean('shared');
    }
}
