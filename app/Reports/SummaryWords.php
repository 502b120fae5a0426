<?php

declare(strict_types=1);

namespace App\Reports;

use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Conclusions\SupportType;
use GrayCompass\Core\Conclusions\Within;
use GrayCompass\Core\Weighing\InHundred;

/** Names and figures as they stand on paper. */
final class SummaryWords
{
    private const ZONES = ['ruled_out' => 'ruled out', 'untested' => 'not tested', 'investigate' => 'look further', 'act' => 'act'];

    private const PLAY = ['stop' => 'Stop.', 'may_continue' => 'May continue.', 'may_continue_supported' => 'May continue, supported.'];

    private const URGENCY = ['emergency' => 'EMERGENCY, NOW', 'same_day' => 'SAME DAY', 'days' => 'WITHIN DAYS', 'routine' => 'ROUTINE'];

    public function __construct(private readonly Catalogue $catalogue)
    {
    }

    public function manoeuvre(string $id): string
    {
        return $this->catalogue->has($id) ? $this->catalogue->get($id)->card->name : $this->plain($id);
    }

    public function finding(string $id): string
    {
        $manoeuvre = $this->catalogue->feeding($id);
        if ($manoeuvre === null || count($manoeuvre->feeds) > 1) {
            return ucfirst($this->plain(preg_replace('/^story_/', 'story: ', $id) ?? $id));
        }

        return $manoeuvre->card->name;
    }

    public function plain(string $code): string
    {
        return str_replace('_', ' ', $code);
    }

    public function zone(string $zone): string
    {
        return self::ZONES[$zone] ?? $zone;
    }

    public function play(string $play): string
    {
        return self::PLAY[$play] ?? $play;
    }

    public function within(string $within): string
    {
        return ucfirst(Within::from($within)->words());
    }

    public function support(string $type): string
    {
        return SupportType::from($type)->words();
    }

    /** “14 days”, or “3 to 7 days” */
    public function days(int $from, int $to): string
    {
        return $from === $to ? "{$from} days" : "{$from} to {$to} days";
    }

    public function urgency(string $urgency): string
    {
        return self::URGENCY[$urgency] ?? $urgency;
    }

    public function hundred(float $chance): string
    {
        return InHundred::of($chance);
    }

    public function figure(?float $value, string $unit): string
    {
        return $value === null ? '–' : round($value, 1)." {$unit}";
    }

    public function signed(?float $value, string $unit): string
    {
        return $value === null ? '–' : ($value > 0 ? '+' : '').round($value, 1)." {$unit}";
    }
}
