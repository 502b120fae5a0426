<?php

declare(strict_types=1);

namespace App\Platform\Http;

use App\Platform\Server\Disk;
use App\Platform\Server\Room;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Throwable;

/** Says what lives, to the person who watches the servers: 200 when all does, 503 when something does not. */
final class HealthController
{
    public function __invoke(Disk $disk): JsonResponse
    {
        $parts = ['application' => true, 'database' => self::database(), 'interface' => is_file(public_path(
            'build/.vite/manifest.json',
        ))];
        $room = $disk->room();
        $lives = ! in_array(false, $parts, true) && $room !== Room::Full;

        return new JsonResponse([...$parts, 'disk' => $room], $lives ? 200 : 503, ['Cache-Control' => 'no-store']);
    }

    private static function database(): bool
    {
        try {
            DB::select('SELECT 1');

            return true;
        } catch (Throwable) {
            return false;
        }
    }
}
