<?php

declare(strict_types=1);

namespace App\Access\Http\Requests;

use App\Access\Http\Shapes\InvitationShapes;
use App\Platform\Http\ShapedRequest;
use GrayCompass\Document\Shape\Definition;

/** The link of an invitation; and what someone comes in with. */
final class AcceptRequest extends ShapedRequest
{
    protected function shape(): Definition
    {
        return $this->route()?->getName() === 'invitation.show'
            ? InvitationShapes::invitationLink()
            : InvitationShapes::invitationAnswer();
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
