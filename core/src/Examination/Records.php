<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination;

use GrayCompass\Core\Knee\Side;

/**
 * What was recorded of both knees, found by manoeuvre.
 *
 * @internal
 */
final readonly class Records
{
    /** @var array<string, Record> what was measured on the hurt knee, by manoeuvre */
    private array $hurt;

    /** @var array<string, Record> and on the other */
    private array $other;

    /** @var array<string, Record> what was left out on the hurt knee */
    private array $leftOut;

    /**
     * @param  list<Record>  $all  in the order of the document, which is the order done
     * @param  Side  $hurtSide  left or right
     */
    public function __construct(public array $all, Side $hurtSide)
    {
        $hurt = $other = $leftOut = [];
        foreach ($all as $record) {
            $id = $record->manoeuvre->id;
            $onOther = $record->side === $hurtSide->opposite();
            if ($record->notDone !== null) {
                $leftOut += $onOther ? [] : [$id => $record];
            } elseif ($onOther) {
                $other[$id] = $record;
            } else {
                $hurt[$id] = $record;
                $other += $record->side === Side::Both ? [$id => $record] : [];
            }
        }
        [$this->hurt, $this->other, $this->leftOut] = [$hurt, $other, $leftOut];
    }

    /** What was measured on the hurt knee, or null when it was not done. */
    public function hurt(string $manoeuvre): ?Record
    {
        return $this->hurt[$manoeuvre] ?? null;
    }

    /** What was measured on the other knee, or null when it was not done. */
    public function other(string $manoeuvre): ?Record
    {
        return $this->other[$manoeuvre] ?? null;
    }

    /** What was left out on the hurt knee, with its reason. */
    public function leftOut(string $manoeuvre): ?NotDone
    {
        return ($this->leftOut[$manoeuvre] ?? null)?->notDone;
    }

    /**
     * Place in the document of what was recorded or left out on the hurt knee; −1 when nothing was.
     *
     * @return int<-1, max>
     */
    public function position(string $manoeuvre): int
    {
        return ($this->hurt[$manoeuvre] ?? $this->leftOut[$manoeuvre] ?? null)->position ?? -1;
    }
}
