<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Echo;

use GrayCompass\Inference\Model\Result;
use GrayCompass\Inference\States\Factor;
use GrayCompass\Inference\States\StateSet;

/**
 * The agreeing results of one group in order: first the one that would lose most as an echo. The order
 * of entry plays no part.
 *
 * @internal
 */
final class EchoRanking
{
    /** @var array<string, Link>|null */
    private ?array $byFinding = null;

    /**
     * @param  list<Result>  $results  of one group and one outcome, in any order
     * @param  float  $echo  the group's echo
     */
    public static function of(array $results, float $echo): self
    {
        if (\count($results) > 1) {
            $results = self::ordered($results, $echo);
        }
        $links = [];
        $spokenFor = 0;
        foreach ($results as $rank => $result) {
            $mask = $result->finding->mask;
            $shared = ($mask & $spokenFor) === $mask ? (1 << \count($result->finding->rows)) - 1
                : ($mask & $spokenFor ? StateSet::local($mask, $mask & $spokenFor) : 0);
            $links[] = new Link($result, $rank === 0, $shared, $echo);
            $spokenFor |= $mask;
        }

        return new self($results, $links, $echo);
    }

    /**
     * @param  list<Result>  $results  in order
     * @param  list<Link>  $links  in the same order
     */
    private function __construct(
        private readonly array $results,
        public readonly array $links,
        private readonly float $echo,
    ) {
    }

    /**
     * The ranking after further results of the same outcome.
     *
     * @param  list<Result>  $newcomers
     */
    public function with(array $newcomers): self
    {
        return self::of([...$this->results, ...$newcomers], $this->echo);
    }

    /**
     * How the likelihood changes from this ranking to a longer one: only links that are new or lost their place differ.
     */
    public function changeTo(self $after): Factor
    {
        $before = $this->byFinding ??= self::indexed($this->links);
        $changes = [];
        foreach ($after->links as $link) {
            $old = $before[$link->result->finding->id] ?? null;
            if ($old !== null && $old->leads === $link->leads && $old->shared === $link->shared) {
                continue;
            }
            $factor = $link->factor();
            $changes[] = $old === null ? $factor : $factor->without($old->factor());
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
     * First the one that would lose most as an echo; of equals the first by finding id.
     *
     * @param  list<Result>  $results
     * @return list<Result>
     */
    private static function ordered(array $results, float $echo): array
    {
        $losses = $order = [];
        foreach ($results as $at => $result) {
            $losses[] = $result->lossAsEcho($echo);
            $order[] = $at;
        }
        usort($order, static fn (int $a, int $b): int => $losses[$b] <=> $losses[$a]
            ?: strcmp($results[$a]->finding->id, $results[$b]->finding->id));

        return array_map(static fn (int $at): Result => $results[$at], $order);
    }
}
