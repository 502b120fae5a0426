<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Examination;
use App\Models\SharedPage;
use App\Models\User;
use App\People\Token;
use App\Records\SharedPages;
use GrayCompass\Document\Refusal;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Date;

/** The page that an athlete takes along. */
final readonly class PageController
{
    public function __construct(private SharedPages $pages)
    {
    }

    /** Until when it is open; its address is told only when it is made. */
    public function show(Examination $examination): JsonResponse
    {
        $page = SharedPage::query()->where('examination_id', $examination->id)
            ->where('expires_at', '>', Date::now())->first();

        return response()->json(['until' => $page?->expires_at->toIso8601ZuluString()]);
    }

    /** @throws Refusal */
    public function store(Examination $examination, #[CurrentUser] User $user): JsonResponse
    {
        return response()->json($this->pages->open($examination, $user), 201);
    }

    public function destroy(Examination $examination): Response
    {
        $this->pages->close($examination);

        return response()->noContent();
    }

    /** For the athlete, who does not log in: the address itself is the secret. */
    public function read(string $token): Response
    {
        $parts = $this->pages->read(Token::from($token));

        return response(view('page', ['parts' => $parts ?? []])->render(), $parts === null ? 404 : 200, [
            'Cache-Control' => 'no-store, private', 'X-Robots-Tag' => 'noindex, nofollow',
        ]);
    }
}
