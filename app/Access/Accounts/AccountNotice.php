<?php

declare(strict_types=1);

namespace App\Access\Accounts;

use App\Access\Mail\AccountChange;
use App\Access\Mail\AccountMail;
use App\Access\Models\User;
use App\Platform\Mail\Post;
use Illuminate\Support\Facades\Date;

/** Writes to the owner of an account when how one logs in to it was changed. */
final readonly class AccountNotice
{
    public function __construct(private Post $post)
    {
    }

    public function tell(User $user, AccountChange $change): void
    {
        $this->post->send($user->email, new AccountMail(
            $user->membership?->team_id, $user->name, $change, Date::now('UTC')->format('Y-m-d H:i'),
        ));
    }
}
