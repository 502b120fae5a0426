<?php

declare(strict_types=1);

namespace App\Access\Http\Requests;

use App\Access\Http\Shapes\AccountShapes;
use App\Platform\Http\ShapedRequest;
use GrayCompass\Document\Shape\Definition;

/** Whatever has to do with a password: each door asks for its own of these. */
final class PasswordRequest extends ShapedRequest
{
    protected function shape(): Definition
    {
        return match ($this->route()?->getName()) {
            'password.forgotten' => AccountShapes::forgottenPassword(),
            'password.reset' => AccountShapes::newPasswordByLink(),
            'password.update' => AccountShapes::changedPassword(),
            default => AccountShapes::ownPassword(),
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
