<?php

declare(strict_types=1);

namespace App\Club\Http\Controllers;

use App\Access\Http\Requests\MemberRequest;
use App\Access\Models\Membership;
use App\Access\Models\User;
use App\Club\Http\Resources\MembersResource;
use App\Club\Team\Members;
use GrayCompass\Document\Refusal;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

/** The members of the team, for its lead. */
final readonly class MemberController
{
    public function __construct(private Members $members)
    {
    }

    public function index(#[CurrentUser] User $user): MembersResource
    {
        return new MembersResource($this->members->of($user->teamId()));
    }

    /** @throws Refusal */
    public function update(MemberRequest $request, Membership $membership): Response
    {
        $this->members->changeRole($membership, $request->role());

        return response()->noContent();
    }

    /** @throws Refusal */
    public function destroy(Membership $membership): Response
    {
        $this->members->end($membership);

        return response()->noContent();
    }
}
