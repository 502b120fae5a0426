<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\MemberRequest;
use App\Http\Resources\MembersResource;
use App\Models\Membership;
use App\Models\User;
use App\People\Members;
use GrayCompass\Document\Refusal;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

/** Who is in the team, for whoever leads it. */
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
