<?php

declare(strict_types=1);

namespace App\Club\Http\Controllers;

use App\Access\Models\User;
use App\Club\Http\Requests\ImportRequest;
use App\Club\Http\Resources\ImportResource;
use App\Club\Http\Resources\PreviewResource;
use App\Club\Import\Column;
use App\Club\Import\Imports;
use App\Club\Models\Athlete;
use App\Club\Models\Import;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use App\Platform\Tables\Csv;
use App\Platform\Tables\TableRequest;
use GrayCompass\Document\Refusal;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Http\Response;

/** Lists of athletes, in and out. */
final readonly class ImportController
{
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
            throw Refusal::at('expects', __('club.importController.the_lists_have_changed_check_the'));
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

    /** Everybody who is not put away, with what is known of them; given to an import, it comes back whole. */
    public function table(TableRequest $request, AuditLog $log): Response
    {
        $log->record(AuditEvent::Exported, null, ['as' => 'athletes']);
        $columns = Column::exported();
        $lines = [array_map(static fn (Column $one): string => $one->label(), $columns)];
        $athletes = Athlete::query()->orderBy('squad')->orderBy('number_order');
        foreach ($athletes->lazy(500) as $athlete) {
            $lines[] = array_map(static fn (Column $one): string => self::cell($athlete, $one), $columns);
        }

        return response(Csv::of($lines, $request->separator()), 200, [
            'Content-Type' => Csv::TYPE, 'Content-Disposition' => 'attachment; filename="athletes.csv"',
        ]);
    }

    private static function cell(Athlete $athlete, Column $column): string
    {
        /** @var array<string, string|int> $profile */
        $profile = (array) $athlete->profile;

        return match ($column) {
            Column::Name => $athlete->name,
            Column::Born => $athlete->born_on->toDateString(),
            Column::Squad => $athlete->squad,
            Column::Number => (string) $athlete->number,
            default => (string) ($profile[$column->value] ?? ''),
        };
    }
}
