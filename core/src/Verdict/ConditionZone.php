<?php

declare(strict_types=1);

namespace GrayCompass\Core\Verdict;

/** What may be said of a condition, once it is asked whether anybody tested it. */
enum ConditionZone: string
{
    case RuledOut = 'ruled_out';
    case Untested = 'untested';
    case Investigate = 'investigate';
    case Act = 'act';

    /** Operated on not long ago: no chance is told. */
    case Withheld = 'withheld';

    public function label(): string
    {
        return match ($this) {
            self::RuledOut => 'ruled out',
            self::Untested => 'not tested',
            self::Investigate => 'look further',
            self::Act => 'act',
            self::Withheld => 'no verdict yet',
        };
    }
}
