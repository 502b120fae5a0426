<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\TodayRequest;
use App\Http\Resources\TodayResource;
use App\Models\User;
use App\People\Today;
use Illuminate\Container\Attributes\CurrentUser;

/** What is unfinished, who was seen lately, and the athletes of the team, a page at a time. */
final class TodayController
{
    public function __invoke(TodayRequest $request, #[CurrentUser] User $user): TodayResource
    {
        return new TodayResource(Today::of(
            $user, $request->search(), $request->page(), $request->unfinished(), $request->lacking(),
        ));
    }
}
