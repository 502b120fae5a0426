<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use GrayCompass\Core\Sentences\Sentence;

/** How much weight the leg may carry; case order is strictest first. */
enum Weight: string
{
    case Carried = 'carried';
    case None = 'none';
    case NoneUntilSeen = 'none_until_seen';
    case NoneUntilXray = 'none_until_xray';
    case AsLittle = 'as_little';
    case Crutches = 'crutches';
    case ShortWays = 'short_ways';
    case OnlyWithoutPain = 'only_without_pain';
    case AsItAllows = 'as_it_allows';

    /** For the athlete. */
    public function advice(): Sentence
    {
        return new Sentence("weight.{$this->value}");
    }

    /** Whether the athlete is to stand on the leg at all. */
    public function mayStand(): bool
    {
        return ! \in_array(
            $this, [self::Carried, self::None, self::NoneUntilSeen, self::NoneUntilXray, self::AsLittle], true,
        );
    }

    public function needsCrutches(): bool
    {
        return \in_array($this, [self::NoneUntilSeen, self::NoneUntilXray, self::Crutches], true);
    }
}
