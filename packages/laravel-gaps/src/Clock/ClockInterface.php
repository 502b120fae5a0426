<?php

declare(strict_types=1);

namespace Symfony\Component\Clock;

use DateTimeZone;

/** A clock that can also sleep and change its time zone; Carbon's factory names this type. */
interface ClockInterface extends \Psr\Clock\ClockInterface
{
    public function sleep(float|int $seconds): void;

    public function withTimeZone(DateTimeZone|string $timezone): static;
}
