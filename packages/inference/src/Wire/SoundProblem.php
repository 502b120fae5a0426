<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Wire;

use GrayCompass\Inference\Model\Association;
use GrayCompass\Inference\Model\Candidate;
use GrayCompass\Inference\Model\Finding;
use GrayCompass\Inference\Model\Group;
use GrayCompass\Inference\Model\Outcome;
use GrayCompass\Inference\Model\Problem;
use GrayCompass\Inference\Model\Rate;
use GrayCompass\Inference\Model\Result;
use GrayCompass\Inference\Model\Row;
use GrayCompass\Inference\Model\Thresholds;
use GrayCompass\Inference\Model\WeighedCondition;
use stdClass;

/**
 * Reads an input that is sound in every place, in one walk. At the first place that is not, it stops
 * and says nothing: to name the place and the reason is the work of {@see ProblemReader}, which asks
 * here first. Whatever is taken here is taken there too, and comes out the same.
 *
 * @internal
 */
final class SoundProblem
{
    private const MOST_PAIRS = ProblemShape::MOST_CONDITIONS * (ProblemShape::MOST_CONDITIONS - 1) / 2;

    /** @var array<array-key, int<0, max>> condition id to position */
    private array $positions = [];

    /** @var array<array-key, true> ids of findings already met */
    private array $findings = [];

    /** @var array<array-key, float> group id to its echo */
    private array $echoes = [];

    private int $results = 0;

    /** Null when anything at all is unusual. */
    public static function read(mixed $document): ?Problem
    {
        try {
            return (new self)->problem($document);
        } catch (Unusual) {
            return null;
        }
    }

    private function problem(mixed $document): Problem
    {
        $fields = self::fields($document, 1, 4);
        $conditions = self::list($fields['conditions'] ?? null, ProblemShape::MOST_CONDITIONS);
        $optional = array_diff_key(
            $fields,
            ['conditions' => true, 'associations' => true, 'groups' => true, 'candidates' => true],
        );
        if ($conditions === [] || $optional !== []) {
            throw new Unusual;
        }

        return new Problem(
            array_map($this->condition(...), $conditions),
            \array_key_exists('associations', $fields) ? $this->associations($fields['associations']) : [],
            \array_key_exists('groups', $fields) ? $this->groups($fields['groups']) : [],
            \array_key_exists('candidates', $fields) ? $this->candidates($fields['candidates']) : [],
        );
    }

    private function condition(mixed $document): WeighedCondition
    {
        $fields = self::fields($document, 2, 5);
        $id = $fields['id'] ?? null;
        $pretest = self::share($fields['pretest'] ?? null);
        $known = 2;
        $pretestWeight = null;
        if (isset($fields['pretestWeight'])) {
            $pretestWeight = self::above($fields['pretestWeight'], INF);
            $known++;
        }
        $weight = 1.0;
        if (isset($fields['weight'])) {
            $weight = self::above($fields['weight'], ProblemShape::MOST_WEIGHT);
            $known++;
        }
        $thresholds = null;
        if (isset($fields['thresholds'])) {
            $thresholds = self::thresholds($fields['thresholds']);
            $known++;
        }
        if ($known !== \count($fields) || ! self::isName($id) || isset($this->positions[$id])) {
            throw new Unusual;
        }
        $this->positions[$id] = \count($this->positions);

        return new WeighedCondition($id, $pretest, $pretestWeight, $thresholds ?? new Thresholds, $weight);
    }

    private static function thresholds(mixed $document): Thresholds
    {
        $fields = self::fields($document, 2, 2);
        $ruleOut = self::share($fields['ruleOut'] ?? null);
        $act = self::share($fields['act'] ?? null);

        return $ruleOut < $act ? new Thresholds($ruleOut, $act) : throw new Unusual;
    }

    /**
     * @return list<Association>
     */
    private function associations(mixed $document): array
    {
        $associations = $pairs = [];
        foreach (self::list($document, self::MOST_PAIRS) as $item) {
            $fields = self::fields($item, 2, 2);
            [$one, $other] = self::pair($fields['between'] ?? null);
            $first = \is_string($one) ? $this->positions[$one] ?? throw new Unusual : throw new Unusual;
            $second = \is_string($other) ? $this->positions[$other] ?? throw new Unusual : throw new Unusual;
            $ratio = self::above($fields['oddsRatio'] ?? null, ProblemShape::MOST_ODDS);
            $pair = 1 << $first | 1 << $second;
            if ($first === $second || isset($pairs[$pair]) || $ratio < 1 / ProblemShape::MOST_ODDS) {
                throw new Unusual;
            }
            $pairs[$pair] = true;
            $associations[] = new Association(\min($first, $second), \max($first, $second), $ratio);
        }

        return $associations;
    }

    /**
     * @return list<Group>
     */
    private function groups(mixed $document): array
    {
        $groups = [];
        foreach (self::list($document, ProblemShape::MOST_GROUPS) as $item) {
            $fields = self::fields($item, 3, 3);
            $id = $fields['id'] ?? null;
            if (! self::isName($id) || isset($this->echoes[$id])) {
                throw new Unusual;
            }
            $this->echoes[$id] = $echo = self::echo($fields['echo'] ?? null);
            $results = [];
            foreach (self::list($fields['results'] ?? null, ProblemShape::MOST_RESULTS) as $inner) {
                $result = self::fields($inner, 3, 4);
                $outcome = $result['outcome'] ?? null;
                if (
                    (\count($result) === 4 && ! isset($result['otherwise']))
                    || ++$this->results > ProblemShape::MOST_RESULTS
                    || ($outcome !== 'positive' && $outcome !== 'negative')
                ) {
                    throw new Unusual;
                }
                $finding = $this->finding($result);
                $results[] = new Result(
                    $finding,
                    $outcome === 'positive' ? Outcome::Positive : Outcome::Negative,
                    isset($result['otherwise']) ? new Finding($finding->id, $this->rows($result['otherwise'])) : null,
                );
            }
            $groups[] = new Group($id, $echo, $results);
        }

        return $groups;
    }

    /**
     * @return list<Candidate>
     */
    private function candidates(mixed $document): array
    {
        $candidates = [];
        foreach (self::list($document, ProblemShape::MOST_CANDIDATES) as $item) {
            $fields = self::fields($item, 5, 5);
            $group = $fields['group'] ?? null;
            $echo = self::echo($fields['echo'] ?? null);
            if (! self::isName($group) || ($this->echoes[$group] ??= $echo) !== $echo) {
                throw new Unusual;
            }
            $candidates[] = new Candidate(
                $this->finding($fields),
                $group,
                $echo,
                self::above($fields['minutes'] ?? null, INF),
            );
        }

        return $candidates;
    }

    /**
     * @param  array<array-key, mixed>  $fields
     */
    private function finding(array $fields): Finding
    {
        $id = $fields['finding'] ?? null;
        if (! self::isName($id) || isset($this->findings[$id])) {
            throw new Unusual;
        }
        $this->findings[$id] = true;

        return new Finding($id, $this->rows($fields['targets'] ?? null));
    }

    /**
     * @return non-empty-list<Row>
     */
    private function rows(mixed $targets): array
    {
        $rows = [];
        foreach (self::fields($targets, 1, ProblemShape::MOST_CONDITIONS) as $condition => $figures) {
            $rows[] = self::row($this->positions[$condition] ?? throw new Unusual, self::fields($figures, 2, 5));
        }

        return $rows === [] ? throw new Unusual : $rows;
    }

    /**
     * @param  int<0, max>  $condition
     * @param  array<array-key, mixed>  $figures
     */
    private static function row(int $condition, array $figures): Row
    {
        $sensitivity = self::share($figures['sensitivity'] ?? null);
        $specificity = self::share($figures['specificity'] ?? null);
        $known = 2;
        $around = $about = null;
        if (isset($figures['sensitivityInterval'])) {
            $around = self::around($figures['sensitivityInterval'], $sensitivity);
            $known++;
        }
        if (isset($figures['specificityInterval'])) {
            $about = self::around($figures['specificityInterval'], $specificity);
            $known++;
        }
        $spread = 0.0;
        if (isset($figures['spread'])) {
            $spread = $figures['spread'];
            if ((! \is_float($spread) && ! \is_int($spread)) || $spread < 0 || $spread > ProblemShape::MOST_SPREAD) {
                throw new Unusual;
            }
            $spread = (float) $spread;
            $known++;
        }
        if ($known !== \count($figures)) {
            throw new Unusual;
        }

        return new Row(
            $condition,
            new Rate($sensitivity, $around, $spread),
            new Rate($specificity, $about, $spread),
            $spread,
        );
    }

    /**
     * @return array{float, float}
     */
    private static function around(mixed $document, float $rate): array
    {
        if (! \is_array($document) || \count($document) !== 2) {
            throw new Unusual;
        }
        $low = self::share($document[0] ?? null);
        $high = self::share($document[1] ?? null);

        return $low <= $rate && $rate <= $high && $low < $high ? [$low, $high] : throw new Unusual;
    }

    /**
     * @return array{mixed, mixed}
     */
    private static function pair(mixed $document): array
    {
        if (! \is_array($document) || \count($document) !== 2 || ! isset($document[0], $document[1])) {
            throw new Unusual;
        }

        return $document;
    }

    private static function echo(mixed $echo): float
    {
        return (\is_float($echo) || \is_int($echo)) && $echo >= 0 && $echo < 1 ? (float) $echo : throw new Unusual;
    }

    private static function above(mixed $number, float $most): float
    {
        $sound = (\is_float($number) || \is_int($number)) && $number > 0 && $number <= $most && $number !== INF;

        return $sound ? (float) $number : throw new Unusual;
    }

    /** Between 0 and 1, neither included: no whole number is. */
    private static function share(mixed $share): float
    {
        return \is_float($share) && $share > 0.0 && $share < 1.0 ? $share : throw new Unusual;
    }

    /** @phpstan-assert-if-true non-empty-string $name */
    private static function isName(mixed $name): bool
    {
        return \is_string($name) && $name !== '' && \strlen($name) <= 100;
    }

    /**
     * @return array<array-key, mixed>
     */
    private static function fields(mixed $document, int $least, int $most): array
    {
        if (! $document instanceof stdClass) {
            throw new Unusual;
        }
        $fields = get_object_vars($document);
        $count = \count($fields);

        return $count >= $least && $count <= $most ? $fields : throw new Unusual;
    }

    /**
     * @return list<mixed>
     */
    private static function list(mixed $document, int $most): array
    {
        return \is_array($document) && \count($document) <= $most ? array_values($document) : throw new Unusual;
    }
}
