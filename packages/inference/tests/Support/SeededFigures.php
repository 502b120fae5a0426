<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Tests\Support;

use GrayCompass\Inference\Readings\Weighed;
use GrayCompass\Inference\Weighing;
use GrayCompass\Inference\Wire\ProblemReader;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Made-up weighing problems, as documents. */
final class SeededFigures
{
    private readonly Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    public function between(float $low, float $high): float
    {
        return $low + ($high - $low) * $this->random->getInt(0, 2 ** 40) / 2 ** 40;
    }

    public function whole(int $low, int $high): int
    {
        return $this->random->getInt($low, $high);
    }

    /**
     * @param  list<mixed>  $values
     * @return list<mixed>
     */
    public function shuffled(array $values): array
    {
        return $this->random->shuffleArray($values);
    }

    /** A standard normal draw. */
    public function normal(): float
    {
        return sqrt(-2 * log($this->between(1e-12, 1.0))) * cos(2 * M_PI * $this->between(0.0, 1.0));
    }

    /**
     * @param  list<string>  $targets
     * @return array<string, mixed>
     */
    public function result(string $finding, string $outcome, array $targets): array
    {
        $rows = [];
        foreach ($targets as $target) {
            $rows[$target] = ['sensitivity' => $this->between(0.05, 0.98), 'specificity' => $this->between(0.05, 0.98)];
        }

        return ['finding' => $finding, 'outcome' => $outcome, 'targets' => $rows];
    }

    /**
     * @param  array<string, mixed>  $document
     */
    public static function weigh(array $document): Weighed
    {
        return Weighing::of(ProblemReader::read(json_decode((string) json_encode($document))));
    }

    /**
     * @param  array<string, mixed>  $document
     * @return list<float>
     */
    public static function chances(array $document): array
    {
        return array_map(static fn ($condition): float => $condition->posttest, self::weigh($document)->conditions);
    }
}
