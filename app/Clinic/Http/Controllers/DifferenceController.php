<?php

declare(strict_types=1);

namespace App\Clinic\Http\Controllers;

use App\Clinic\Http\Requests\DifferenceRequest;
use App\Clinic\Models\Examination;
use GrayCompass\Core\Assessed\Assessment;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\RateLimiter;

/** A device and the server judged the same entries otherwise: the server's word stands, and the log says where. */
final class DifferenceController
{
    private const LINES_A_MINUTE = 60;

    public function store(DifferenceRequest $request, Examination $examination): Response
    {
        RateLimiter::attempt('differences', self::LINES_A_MINUTE, static fn () => Log::warning(sprintf(
            'A device judged otherwise: examination %s, place %s, rules %s there and %s here, version %s.',
            $examination->id, $request->path(), $request->archive(), self::packed(), Assessment::RULES,
        )));

        return response()->noContent();
    }

    /** Digest of the rules and figures that this server hands to devices. */
    private static function packed(): string
    {
        $manifest = public_path('judge/manifest.json');
        preg_match('/archive-([0-9a-f]{16})/', File::exists($manifest) ? File::get($manifest) : '', $found);

        return $found[1] ?? 'none';
    }
}
