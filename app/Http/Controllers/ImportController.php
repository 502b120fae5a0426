<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Audit\Deeds;
use App\Audit\What;
use App\Http\Requests\ImportRequest;
use App\Http\Resources\ImportResource;
use App\Http\Resources\PreviewResource;
use App\Import\Imports;
use App\Models\Athlete;
use App\Models\Import;
use App\Models\User;
use App\Reports\Csv;
use GrayCompass\Document\Refusal;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Http\Response;

/** Lists of athletes, in and out. */
final readonly class ImportController
{
    private const PROFILE = ['sport', 'sex', 'leadingLeg', 'heightCm', 'massKg', 'doctor', 'guardian', 'notes'];

    public function __construct(private Imports $imports)
    {
    }

    /** Nothing is stored. */
    public function preview(ImportRequest $request, #[CurrentUser] User $user): PreviewResource
    {
        return new PreviewResource($request->preview($user->teamId()));
    }

    /** @throws Refusal where nobody is to be added, or other than was told */
    public function store(ImportRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        $athletes = $request->preview($user->teamId())->toAdd($request->taken());
        if ($request->expected() !== null && $request->expected() !== \count($athletes)) {
            throw Refusal::at('expects', 'the lists changed meanwhile: look at the preview again');
        }

        return (new ImportResource($this->imports->begin($user, $athletes)))->response()->setStatusCode(202);
    }

    public function index(): AnonymousResourceCollection
    {
        return ImportResource::collection($this->imports->lately());
    }

    public function show(Import $import): ImportResource
    {
        return new ImportResource($import);
    }

    /** @throws Refusal */
    public function destroy(Import $import): JsonResponse
    {
        return response()->json(['stayed' => $this->imports->takeBack($import)]);
    }

    /** Everybody who is not put away, with what is known of them. */
    public function table(Deeds $deeds): Response
    {
        $deeds->record(What::Exported, null, ['as' => 'athletes']);
        $lines = [[
            'name', 'birth date', 'squad', 'number',
            'sport', 'sex', 'leading leg', 'height cm', 'mass kg', 'doctor', 'guardian', 'notes',
        ]];
        foreach (Athlete::query()->orderBy('squad')->orderBy('number')->lazy(500) as $athlete) {
            /** @var array<string, string|int> $profile */
            $profile = (array) $athlete->profile;
            $lines[] = [
                $athlete->name, $athlete->born_on->toDateString(), $athlete->squad, $athlete->number,
                ...array_map(static fn (string $name): string => (string) ($profile[$name] ?? ''), self::PROFILE),
            ];
        }

        return response(Csv::of($lines), 200, [
            'Content-Type' => Csv::TYPE, 'Content-Disposition' => 'attachment; filename="athletes.csv"',
        ]);
    }
}
