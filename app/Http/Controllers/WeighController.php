<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Examinations\Document;
use App\Http\Resources\WeighUp;
use App\Models\Examination;
use GrayCompass\Core\Assessor;
use GrayCompass\Core\Document\Json;
use GrayCompass\Core\Document\Refusal;
use GrayCompass\Core\ShippedData;
use GrayCompass\Core\Weighing\ProblemReader;
use GrayCompass\Core\Weighing\ProblemWriter;
use GrayCompass\Core\Weighing\Weighing;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The arithmetic by itself: nothing is stored. */
final class WeighController
{
    /** The very input that the chances of an examination were weighed from. */
    public function show(Examination $examination, Assessor $assessor): JsonResponse
    {
        $document = new Document($examination->load(['sections', 'findings']));

        return response()->json(ProblemWriter::write($assessor->assess($assessor->read($document->content))->weighed->problem));
    }

    /**
     * Weighs an input as `weigh:combine` takes it. `?condition` asks for the way of that condition as well,
     * in the order of `?order`, finding ids with commas between.
     *
     * @throws Refusal naming the path of what cannot be weighed
     */
    public function store(Request $request, ShippedData $data): JsonResponse
    {
        $weighed = Weighing::of(ProblemReader::read(Json::read((string) $request->getContent())));
        $order = array_values(array_filter(explode(',', $request->string('order')->toString()), static fn (string $id): bool => $id !== ''));

        return response()->json(WeighUp::of($weighed, $request->string('condition')->toString(), $order, $data->catalogue()));
    }
}
