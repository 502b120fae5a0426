<?php

declare(strict_types=1);

namespace App\Clinic\Http\Controllers;

use App\Access\Models\User;
use App\Clinic\Http\Requests\TodayRequest;
use App\Clinic\Http\Resources\TodayResource;
use App\Clinic\Today\FirstScreen;
use Illuminate\Container\Attributes\CurrentUser;

/** What is unfinished, who was seen lately, and the athletes of the team, a page at a time. */
final readonly class TodayController
{
    public function __construct(private FirstScreen $first)
    {
    }

    public function __invoke(TodayRequest $request, #[CurrentUser] User $user): TodayResource
    {
        return new TodayResource($this->first->of(
            $user, $request->search(), $request->page(), $request->unfinished(), $request->lacking(),
        ));
    }
}
