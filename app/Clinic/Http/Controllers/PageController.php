<?php

declare(strict_types=1);

namespace App\Clinic\Http\Controllers;

use App\Access\Accounts\Token;
use App\Access\Models\User;
use App\Clinic\Http\Resources\AthleteTextResource;
use App\Clinic\Models\Examination;
use App\Clinic\Models\SharedPage;
use App\Clinic\Pages\AthleteTexts;
use App\Clinic\Pages\SharedPages;
use GrayCompass\Document\Refusal;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Date;

/** The page that an athlete takes along. */
final readonly class PageController
{
    private const TOKEN = 'X-Page-Token';

    public function __construct(private SharedPages $pages, private AthleteTexts $texts)
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

    /** What the examination says to the athlete, in the athlete's language. */
    public function text(Examination $examination, #[CurrentUser] User $user): AthleteTextResource
    {
        return new AthleteTextResource($this->texts->of(
            $examination, $examination->episode->athlete->language(), $user->present()->team->settings,
        ));
    }

    /** For the athlete, who does not log in: what stands behind the # of their address comes in a header. */
    public function read(Request $request): JsonResponse
    {
        $text = $this->pages->read(Token::from((string) $request->header(self::TOKEN))) ?? abort(404);

        return response()->json([
            'language' => $text->language->value,
            'title' => $text->title,
            'caution' => $text->caution,
            'parts' => $text->sections(),
        ]);
    }
}
