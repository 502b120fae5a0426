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

    /** A look inside the joint found it, or an old tear is known. */
    case Confirmed = 'confirmed';

    /** A look inside the joint, in this episode, did not find it. */
    case Excluded = 'excluded';

    /** No chance is told of what a look inside the joint has answered, nor of what was operated on. */
    public function tellsChance(): bool
    {
        return ! \in_array($this, [self::Withheld, self::Confirmed, self::Excluded], true);
    }

    public function label(): string
    {
        return match ($this) {
            self::RuledOut => 'ruled out',
            self::Untested => 'not tested',
            self::Investigate => 'look further',
            self::Act => 'act',
            self::Withheld => 'no verdict yet',
            self::Confirmed => 'confirmed',
            self::Excluded => 'excluded',
        };
    }
}
