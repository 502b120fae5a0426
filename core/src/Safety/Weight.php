<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

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
    public function words(): string
    {
        return match ($this) {
            self::Carried => 'Put no weight on the leg. Let others carry you.',
            self::None => 'Put no weight on the leg.',
            self::NoneUntilSeen => 'Put no weight on the leg until you have been seen.',
            self::NoneUntilXray => 'Use crutches. Put no weight on the leg until the X-ray has been read.',
            self::AsLittle => 'Put as little weight on the leg as you can.',
            self::Crutches => 'Use crutches.',
            self::ShortWays => 'Walk short ways only.',
            self::OnlyWithoutPain => 'Walk only as far as it does not hurt. Do not run or jump.',
            self::AsItAllows => 'Walk as far as the knee allows.',
        };
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
