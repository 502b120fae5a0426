<?php

declare(strict_types=1);

namespace App\Clinic\Http\Controllers;

use App\Clinic\Examinations\Assessments;
use App\Clinic\Http\Requests\RatesRequest;
use App\Clinic\Http\Requests\WeighRequest;
use App\Clinic\Http\Requests\Work;
use App\Clinic\Models\Examination;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use GrayCompass\Core\Arithmetic;
use GrayCompass\Document\Json;
use GrayCompass\Document\Refusal;
use Illuminate\Http\JsonResponse;

/** The arithmetic by itself: nothing is stored. */
final class WeighController
{
    /** The very input that the chances of an examination were weighed from; of a signed one, as it was signed. */
    public function show(Examination $examination, Assessments $assessments, AuditLog $log): JsonResponse
    {
        $problem = $assessments->problem($examination->load(['sections', 'records']));
        abort_if($problem === null, 410, 'This examination was signed before the input of its chances was kept.');

        $log->record(AuditEvent::ExaminationRead, $examination->id, ['as' => 'weighing']);

        return response()->json($problem);
    }

    /**
     * What a test is worth by counts or ratios, as the rates that are weighed.
     *
     * @throws Refusal
     */
    public function rates(RatesRequest $request, Arithmetic $arithmetic): JsonResponse
    {
        return response()->json($arithmetic->rates($request->entered()));
    }

    /**
     * Weighs an input as `weigh:combine` takes it. `?condition` asks for the way of that condition as well,
     * in the order of `?order`, finding ids with commas between.
     *
     * @throws Refusal naming the path of what cannot be weighed
     */
    public function store(WeighRequest $request, Arithmetic $arithmetic): JsonResponse
    {
        $problem = Json::read((string) $request->getContent());
        Work::bound($problem);
        $weighed = $arithmetic->weigh($problem);

        return response()->json($arithmetic->weighUp($weighed, $request->condition(), $request->order()));
    }
}
