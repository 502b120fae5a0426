<?php

declare(strict_types=1);

namespace App\Clinic\Http\Controllers;

use App\Access\Models\User;
use App\Clinic\Http\Requests\DecisionRequest;
use App\Clinic\Models\Proposal;
use App\Clinic\Proposals\Decided;
use App\Clinic\Proposals\Proposals;
use GrayCompass\Document\Refusal;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

/** What students propose: taken over, turned down with a reason, or taken back. */
final readonly class ProposalController
{
    public function __construct(private Proposals $proposals)
    {
    }

    /** @throws Refusal|Decided */
    public function decide(DecisionRequest $request, Proposal $proposal, #[CurrentUser] User $user): Response
    {
        $request->takes()
            ? $this->proposals->take($proposal, $user)
            : $this->proposals->turnDown($proposal, $request->why(), $user);

        return response()->noContent();
    }

    /** @throws Decided */
    public function withdraw(Proposal $proposal): Response
    {
        $this->proposals->withdraw($proposal);

        return response()->noContent();
    }
}
