<?php

declare(strict_types=1);

namespace GrayCompass\Core\Weighing;

/**
 * The agreeing results of one group in order: first the one that would lose most as an echo. The order
 * of entry plays no part.
 */
final class EchoRanking
{
    /** @var array<string, Link>|null */
    private ?array $byFinding = null;

    /**
     * @param  list<Ranked>  $ordered
     * @param  list<Link>  $links  in the same order
     */
    private function __construct(private readonly array $ordered, public readonly array $links)
    {
    }

    /**
     * @param  list<Result>  $results  of one group
     */
    public static function of(array $results, Outcome $outcome, float $echo): self
    {
        $agreeing = array_filter($results, static fn (Result $result): bool => $result->outcome === $outcome);

        return self::ordered(array_map(static fn (Result $result): Ranked => new Ranked($result, $echo), $agreeing));
    }

    /**
     * The ranking after further results of the same outcome.
     *
     * @param  list<Ranked>  $newcomers
     */
    public function with(array $newcomers): self
    {
        return self::ordered([...$this->ordered, ...$newcomers]);
    }

    /** How the likelihood changes from this ranking to a longer one: only links that are new or lost their place differ. */
    public function changeTo(self $after): Factor
    {
        $before = $this->byFinding ??= self::indexed($this->links);
        $changes = [];
        foreach ($after->links as $link) {
            $old = $before[$link->result->finding->id] ?? null;
            if ($old !== null && $old->leads === $link->leads && $old->shared === $link->shared) {
                continue;
            }
            $log = array_map(log(...), $link->contribution());
            foreach ($old?->contribution() ?? [] as $state => $chance) {
                $log[$state] -= log($chance);
            }
            $changes[] = new Factor($link->result->finding->mask, $log);
        }

        return Factor::product($changes);
    }

    /**
     * @param  list<Link>  $links
     * @return array<string, Link>
     */
    private static function indexed(array $links): array
    {
        $byFinding = [];
        foreach ($links as $link) {
            $byFinding[$link->result->finding->id] = $link;
        }

        return $byFinding;
    }

    /**
     * @param  array<Ranked>  $agreeing
     */
    private static function ordered(array $agreeing): self
    {
        usort($agreeing, static fn (Ranked $a, Ranked $b): int => $a->compare($b));
        $links = [];
        $spokenFor = 0;
        foreach ($agreeing as $rank => $ranked) {
            $mask = $ranked->result->finding->mask;
            $shared = ($mask & $spokenFor) === $mask ? (1 << count($ranked->result->finding->rows)) - 1
                : ($mask & $spokenFor ? StateSet::local($mask, $mask & $spokenFor) : 0);
            $links[] = new Link($ranked->result, $rank === 0, $shared, $ranked->echo);
            $spokenFor |= $mask;
        }

        return new self($agreeing, $links);
    }
}
