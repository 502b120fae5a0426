<?php

declare(strict_types=1);

namespace App\Exchange\Http\Controllers;

use App\Access\Models\User;
use App\Exchange\Http\Requests\RecordImportRequest;
use App\Exchange\Http\Resources\RecordImportResource;
use App\Exchange\Http\Resources\RecordPreviewResource;
use App\Exchange\Incoming\RecordImports;
use App\Exchange\Models\RecordImport;
use GrayCompass\Document\Refusal;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

/** Examinations and results that come in from elsewhere. */
final readonly class RecordImportController
{
    public function __construct(private RecordImports $imports)
    {
    }

    /** Nothing is stored. */
    public function preview(RecordImportRequest $request, #[CurrentUser] User $user): RecordPreviewResource
    {
        return new RecordPreviewResource(
            $this->imports->preview($user->teamId(), $request->bytes(), $request->wishes()), $user->teamId(),
        );
    }

    /** @throws Refusal where there is nothing to store, or other than was told */
    public function store(RecordImportRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        $import = $this->imports->begin(
            $user, $request->bytes(), $request->wishes(), $request->origin(), $request->expected(),
        );

        return (new RecordImportResource($import))->response()->setStatusCode(202);
    }

    public function index(): AnonymousResourceCollection
    {
        return RecordImportResource::collection($this->imports->lately());
    }

    public function show(RecordImport $recordImport): RecordImportResource
    {
        return new RecordImportResource($recordImport);
    }

    /** @throws Refusal where its day is over */
    public function destroy(RecordImport $recordImport): JsonResponse
    {
        return response()->json(['stayed' => $this->imports->takeBack($recordImport)]);
    }
}
