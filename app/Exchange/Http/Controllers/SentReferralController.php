<?php

declare(strict_types=1);

namespace App\Exchange\Http\Controllers;

use App\Access\Models\User;
use App\Clinic\Models\Task;
use App\Club\Models\Athlete;
use App\Exchange\Http\Resources\SentReferralResource;
use App\Exchange\Models\SentReferral;
use App\Exchange\Referrals\Hospital;
use App\Exchange\Referrals\Referrals;
use GrayCompass\Document\Refusal;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Referrals of an athlete that go to the hospital. */
final readonly class SentReferralController
{
    public function __construct(private Referrals $referrals)
    {
    }

    public function index(Request $request, Athlete $athlete, Hospital $hospital): JsonResponse
    {
        $sent = SentReferral::query()->where('athlete_id', $athlete->id)->with('task')->orderByDesc('id')->get();

        return response()->json([
            'isConnected' => $hospital->isKnown(),
            'referrals' => SentReferralResource::collection($sent)->resolve($request),
        ]);
    }

    /** @throws Refusal where it is no open referral of a knee, or no hospital is known */
    public function store(Task $task, #[CurrentUser] User $user): JsonResponse
    {
        return self::shown($this->referrals->send($task, $user));
    }

    /** Sends it once more, or asks at once for the answer. */
    public function again(SentReferral $sentReferral): JsonResponse
    {
        $this->referrals->hurry($sentReferral);

        return self::shown($sentReferral);
    }

    /** @throws Refusal where there is no answer, or it is part of the record already */
    public function add(SentReferral $sentReferral, #[CurrentUser] User $user): JsonResponse
    {
        $this->referrals->add($sentReferral, $user);

        return self::shown($sentReferral);
    }

    private static function shown(SentReferral $referral): JsonResponse
    {
        return (new SentReferralResource($referral->refresh()->load('task')))->response()->setStatusCode(202);
    }
}
