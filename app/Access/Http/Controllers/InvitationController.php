<?php

declare(strict_types=1);

namespace App\Access\Http\Controllers;

use App\Access\Accounts\CodeNeeded;
use App\Access\Accounts\Invitations;
use App\Access\Accounts\Token;
use App\Access\Http\Requests\AcceptRequest;
use App\Access\Http\Requests\MemberRequest;
use App\Access\Models\Invitation;
use App\Access\Models\Team;
use App\Access\Models\User;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use App\Platform\Mail\Post;
use GrayCompass\Document\Refusal;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

/** Inviting someone into the team, and coming in by the link. */
final readonly class InvitationController
{
    public function __construct(private Invitations $invitations, private AuditLog $log)
    {
    }

    /** @throws Refusal */
    public function store(MemberRequest $request, Post $post, #[CurrentUser] User $user): JsonResponse
    {
        [$made, $address] = $this->invitations->invite($user, $request->email(), $request->role());

        // Where no mail leaves, the link is handed over by hand; where one does, it is for its recipient alone.
        return response()->json(['id' => $made->id, 'address' => $post->leaves() ? null : $address], 201);
    }

    public function destroy(Invitation $invitation): Response
    {
        DB::transaction(function () use ($invitation): void {
            $invitation->delete();
            $this->log->record(AuditEvent::InvitationWithdrawn, $invitation->id);
        });

        return response()->noContent();
    }

    /** What the link is for; the person who has it was meant to know. */
    public function show(AcceptRequest $request): JsonResponse
    {
        $invitation = $this->invitations->find(Token::from($request->token())) ?? abort(404);
        $account = User::at($invitation->email);

        return response()->json([
            'team' => Team::query()->findOrFail($invitation->team_id)->name,
            'role' => $invitation->role->value,
            'email' => $invitation->email,
            'account' => match (true) {
                $account === null => 'none',
                $account->membership === null => 'without_team',
                default => 'in_team',
            },
        ]);
    }

    /** @throws Refusal|CodeNeeded */
    public function accept(AcceptRequest $request): Response
    {
        $in = Auth::user();
        $this->invitations->accept(
            Token::from($request->token()), $request->name(), $request->password(), $request->code(),
            $in instanceof User ? $in : null,
        );

        return response()->noContent();
    }
}
