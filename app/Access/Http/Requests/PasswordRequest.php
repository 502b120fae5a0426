<?php

declare(strict_types=1);

namespace App\Access\Http\Requests;

use App\Access\Http\Shapes\Accounts;
use App\Platform\Http\ShapedRequest;
use GrayCompass\Document\Shape\Named;

/** Whatever has to do with a password: each door asks for its own of these. */
final class PasswordRequest extends ShapedRequest
{
    protected function shape(): Named
    {
        return match ($this->route()?->getName()) {
            'password.forgotten' => Accounts::forgottenPassword(),
            'password.reset' => Accounts::newPasswordByLink(),
            'password.update' => Accounts::changedPassword(),
            default => Accounts::ownPassword(),
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
