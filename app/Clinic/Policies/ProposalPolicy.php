<?php

declare(strict_types=1);

namespace App\Clinic\Policies;

use App\Access\Models\User;
use App\Clinic\Models\Proposal;
use Illuminate\Auth\Access\Response;

/** The person who proposed may take it back; the person who answers for it says why they do not follow. */
final class ProposalPolicy
{
    public function withdraw(User $user, Proposal $proposal): Response
    {
        return $proposal->made_by === $user->id
            ? Response::allow()
            : Response::deny(__('clinic.proposalPolicy.only_the_person_who_proposed_it'));
    }
}
