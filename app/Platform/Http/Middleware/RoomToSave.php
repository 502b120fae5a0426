<?php

declare(strict_types=1);

namespace App\Platform\Http\Middleware;

use App\Platform\Server\Disk;
use App\Platform\Server\DiskFull;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** While the disk is full nothing is changed; logging in and reading go on. */
final readonly class RoomToSave
{
    private const OPEN = ['api/login', 'api/logout', 'api/today', 'api/weigh', 'api/rates', 'api/password/confirm'];

    public function __construct(private Disk $disk)
    {
    }

    /**
     * @param  Closure(Request): Response  $next
     *
     * @throws DiskFull
     */
    public function handle(Request $request, Closure $next): Response
    {
        if (! $request->isMethodSafe() && ! $request->is(self::OPEN) && $this->disk->isFull()) {
            throw new DiskFull;
        }

        return $next($request);
    }
}
