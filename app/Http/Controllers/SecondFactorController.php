<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Audit\Deeds;
use App\Audit\What;
use App\Http\Requests\CodeRequest;
use App\Models\User;
use App\People\Presence;
use App\People\SecondFactor;
use App\People\TimeCode;
use GrayCompass\Document\Refusal;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Turning the second factor on, in two steps, and off. Each asks that the password was given a moment ago. */
final readonly class SecondFactorController
{
    /** Where a session keeps the secret until a code shows that the app has it. */
    private const PENDING = 'factor';

    public function __construct(private Deeds $deeds)
    {
    }

    public function store(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        (new Presence($request->session()))->insistFresh();
        $secret = random_bytes(TimeCode::SECRET_BYTES);
        $request->session()->put(self::PENDING, base64_encode($secret));
        $code = new TimeCode($secret);

        return response()->json(['secret' => $code->typed(), 'address' => $code->address($user->email)]);
    }

    /** @throws Refusal */
    public function update(CodeRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        $pending = $request->session()->get(self::PENDING);
        $codes = is_string($pending)
            ? SecondFactor::turnOn($user, (string) base64_decode($pending, true), $request->code())
            : throw Refusal::at('code', 'Begin again: the secret is not known any more.');
        if ($codes === null) {
            throw Refusal::at('code', 'The code is not right. Is the clock of the device?');
        }
        $request->session()->forget(self::PENDING);
        $this->deeds->record(What::SecondFactorOn);

        return response()->json(['recoveryCodes' => $codes]);
    }

    /** @throws Refusal where the team asks for it */
    public function destroy(Request $request, #[CurrentUser] User $user): Response
    {
        (new Presence($request->session()))->insistFresh();
        if ($user->present()->team->asks_second_factor) {
            throw Refusal::ofTheWhole('Your team asks for a second factor.');
        }
        SecondFactor::turnOff($user);
        $this->deeds->record(What::SecondFactorOff);

        return response()->noContent();
    }
}
