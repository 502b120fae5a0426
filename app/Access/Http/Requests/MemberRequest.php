<?php

declare(strict_types=1);

namespace App\Access\Http\Requests;

use App\Access\Http\Shapes\InvitationShapes;
use App\Access\Values\Email;
use App\Access\Values\Role;
use App\Platform\Http\ShapedRequest;
use Closure;
use GrayCompass\Document\Shape\Definition;

/** A role in the team, and for an invitation the address that it goes to. */
final class MemberRequest extends ShapedRequest
{
    protected function shape(): Definition
    {
        return $this->isForInvitation() ? InvitationShapes::newInvitation() : InvitationShapes::memberRole();
    }

    protected function also(): array
    {
        return $this->isForInvitation() ? ['email' => [self::isAddress(...)]] : [];
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
            $fail(__('access.memberRequest.enter_a_valid_e_mail_address'));
        }
    }

    private function isForInvitation(): bool
    {
        return $this->route()?->getName() === 'invitations.store';
    }
}
