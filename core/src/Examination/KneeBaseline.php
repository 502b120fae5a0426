<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination;

use DateTimeImmutable;
use GrayCompass\Core\Knee\Side;

/**
 * What the hurt knee was like while it was sound: it is compared with where the other knee says nothing of a sound one.
 */
final readonly class KneeBaseline
{
    /** Two seasons. Working estimate: a knee that trains and grows does not stay as it was for longer. */
    public const MOST_DAYS = 731;

    /** @var array<string, Record> of this knee, by manoeuvre; what was left out is not among them */
    private array $records;

    /**
     * @param  DateTimeImmutable  $on  the day of that visit
     * @param  list<Record>  $records  of that visit, both knees
     * @param  Side  $hurtSide  left or right: which knee is meant
     */
    public function __construct(
        public DateTimeImmutable $on,
        array $records,
        Side $hurtSide,
    ) {
        $ofThisKnee = [];
        foreach ($records as $record) {
            if ($record->notDone === null && $record->side !== $hurtSide->opposite()) {
                $ofThisKnee[$record->manoeuvre->id] = $record;
            }
        }
        $this->records = $ofThisKnee;
    }

    public function record(string $manoeuvre): ?Record
    {
        return $this->records[$manoeuvre] ?? null;
    }
}
