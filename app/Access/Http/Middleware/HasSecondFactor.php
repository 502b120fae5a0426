<?php

declare(strict_types=1);

namespace App\Access\Http\Middleware;

use App\Access\Accounts\FactorNeeded;
use App\Access\Accounts\SecondFactor;
use App\Access\Models\User;
use Closure;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Where the team asks for a second factor, nobody gets on without one. */
final readonly class HasSecondFactor
{
    public function __construct(#[CurrentUser] private User $user)
    {
    }

    /**
     * @param  Closure(Request): Response  $next
     *
     * @throws FactorNeeded
     */
    public function handle(Request $request, Closure $next): Response
    {
        if ($this->user->present()->team->asks_second_factor && ! SecondFactor::isOn($this->user)) {
            throw new FactorNeeded;
        }

        return $next($request);
    }
}
