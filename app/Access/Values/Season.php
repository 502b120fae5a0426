<?php

declare(strict_types=1);

namespace App\Access\Values;

use Carbon\CarbonImmutable;

/** From when until when a squad plays; both days are part of it. */
final readonly class Season
{
    public function __construct(public string $squad, public CarbonImmutable $from, public CarbonImmutable $until)
    {
    }

    /**
     * @param  array<array-key, mixed>  $content  as content() wrote it
     */
    public static function of(array $content): ?self
    {
        [$squad, $from, $until] = [$content['squad'] ?? null, $content['from'] ?? null, $content['until'] ?? null];

        return \is_string($squad) && \is_string($from) && \is_string($until)
            ? new self($squad, CarbonImmutable::parse($from), CarbonImmutable::parse($until))
            : null;
    }

    /**
     * @return array{squad: string, from: string, until: string}
     */
    public function content(): array
    {
        return [
            'squad' => $this->squad, 'from' => $this->from->toDateString(), 'until' => $this->until->toDateString(),
        ];
    }

    /** How it stands on a day, beside the name of the squad. */
    public function words(CarbonImmutable $today, DateOrder $order = DateOrder::DayFirst): string
    {
        return match (true) {
            $today->isBefore($this->from) => __('access.season.begins', ['day' => $order->written($this->from)]),
            $today->startOfDay()->isAfter($this->until) => __('access.season.ended', ['day' => $order->written($this->until)]),
            default => __('access.season.until', ['day' => $order->written($this->until)]),
        };
    }
}
