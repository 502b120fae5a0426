<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use App\Clinic\Models\Examination;
use App\Clinic\Models\StoredRecord;
use GrayCompass\Core\Assessed\Assessment;
use GrayCompass\Core\Safety\Hold;
use GrayCompass\Core\Safety\HoldKind;

/** Marks on records of manoeuvres that a rule of the safety check has closed since. */
final class GateMarks
{
    /**
     * Where a rule closes a manoeuvre now, what was found with it before stays, and is marked. Nothing held is ever
     * stored without a reason, so a record without one was made before.
     *
     * @param  Assessment  $assessment  of the examination with all its records
     * @return bool whether a record was marked, and the examination is to be assessed anew
     */
    public static function put(Examination $examination, Assessment $assessment): bool
    {
        $closed = array_filter(
            $assessment->bearings->holds->byManoeuvre,
            static fn (Hold $hold): bool => $hold->kind === HoldKind::Rule && ! $hold->correctable,
        );
        $earlier = $examination->records->filter(static fn (StoredRecord $record): bool => isset($closed[$record->manoeuvre])
            && ! $record->before_gate && $record->isDone() && ! isset($record->payload->override));
        $earlier->each(static fn (StoredRecord $record) => $record->update(['before_gate' => true]));

        return $earlier->isNotEmpty();
    }
}
