<?php

declare(strict_types=1);

namespace App\Exchange\Incoming;

use App\Clinic\Models\Episode;
use App\Clinic\Models\ReferenceResult;
use App\Club\Models\Athlete;

/** The injuries of athletes and what is known of them, each read once however many results a file has. */
final class Knees
{
    /** A result may carry the day before the injury was noted: zones, and typing slips, of one day. */
    public const DAYS_BEFORE = 1;

    /** @var array<string, list<array{began: string, episode: Episode}>> of each athlete, by the day on which they began */
    private array $episodes = [];

    /** @var array<string, array<string, true>> of each athlete, by episode, kind and day */
    private array $results = [];

    /** The injury that a result belongs to: the one told, or the latest of this knee by that day. */
    public function episode(Look $look, Athlete $athlete): ?Episode
    {
        $latest = $look->facts->seenOn->addDays(self::DAYS_BEFORE)->toDateString();
        $found = null;
        foreach ($this->episodes($athlete) as ['began' => $began, 'episode' => $episode]) {
            $isMeant = $look->episode === null
                ? $episode->hurt_side === $look->side && $began <= $latest : $episode->id === $look->episode;
            $found = $isMeant ? $episode : $found;
        }

        return $found;
    }

    /** Whether a result of this kind and day is there. */
    public function has(Look $look, Episode $episode): bool
    {
        $this->results[$episode->athlete_id] ??= self::known($episode->athlete_id);

        return isset($this->results[$episode->athlete_id][
            "{$episode->id} {$look->facts->kind->value} {$look->facts->seenOn->toDateString()}"
        ]);
    }

    /** An injury of theirs may have been added. */
    public function forget(Athlete $athlete): void
    {
        unset($this->episodes[$athlete->id]);
    }

    /** @return array<string, true> */
    private static function known(string $athlete): array
    {
        $known = [];
        // Without what they say: that is encrypted, and nothing here asks for it.
        $results = ReferenceResult::query()->withoutGlobalScopes()->whereNull('deleted_at')
            ->where('athlete_id', $athlete)->select(['id', 'episode_id', 'kind', 'seen_on']);
        foreach ($results->get() as $one) {
            $known["{$one->episode_id} {$one->kind->value} {$one->seen_on->toDateString()}"] = true;
        }

        return $known;
    }

    /** @return list<array{began: string, episode: Episode}> */
    private function episodes(Athlete $athlete): array
    {
        return $this->episodes[$athlete->id] ??= array_values(Episode::query()->where('athlete_id', $athlete->id)
            ->where('is_baseline', false)
            ->with(['examinations' => static fn ($all) => $all->withoutGlobalScopes()->whereNull('deleted_at')])->get()
            ->map(static fn (Episode $one): array => ['began' => self::began($one), 'episode' => $one])
            ->sortBy('began')->all());
    }

    /** Day of the injury; of what came on without one, of the first visit. */
    private static function began(Episode $episode): string
    {
        $first = $episode->examinations->sortBy('examined_at')->first();

        return ($episode->injured_on ?? $first->examined_at ?? $episode->created_at)->toDateString();
    }
}
