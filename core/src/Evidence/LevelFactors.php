<?php

declare(strict_types=1);

namespace GrayCompass\Core\Evidence;

use GrayCompass\Core\Knee\Level;
use OutOfBoundsException;

/**
 * By how much the false positive rate of a sign changes with how far it went. Working estimates: the
 * share-weighted mean of the factors of one sign is 1, so the plain row is the average of its levels.
 *
 * @internal
 */
final readonly class LevelFactors
{
    /** Standard deviation between clinics of a levelled row, on the logit scale. */
    public const SPREAD = 0.7;

    /**
     * @param  array<string, array<string, array{float, float}>>  $table  factor and share of torn ligaments, by sign and level
     */
    private function __construct(private array $table)
    {
    }

    /**
     * @param  list<array<string, string>>  $lines  columns findings (parted by `;`), level, false_positive_factor, share_torn
     */
    public static function read(array $lines): self
    {
        $table = [];
        foreach ($lines as $line) {
            foreach (explode(';', $line['findings']) as $sign) {
                $table[trim($sign)][Level::from($line['level'])->value] = [
                    (float) $line['false_positive_factor'],
                    (float) $line['share_torn'],
                ];
            }
        }

        return new self($table);
    }

    /** @return float above 0; 1 for a sign without levels */
    public function factor(string $sign, Level $level): float
    {
        return $this->table[$sign][$level->value][0] ?? 1.0;
    }

    /** @return float share of torn ligaments that reach this level, in [0, 1] */
    public function share(string $sign, Level $level): float
    {
        return $this->table[$sign][$level->value][1] ?? throw new OutOfBoundsException("{$sign} has no levels.");
    }

    /**
     * @return list<string> signs with levels
     */
    public function signs(): array
    {
        return array_map(strval(...), array_keys($this->table));
    }

    public function has(string $sign): bool
    {
        return isset($this->table[$sign]);
    }
}
