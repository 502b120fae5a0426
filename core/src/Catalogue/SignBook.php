<?php

declare(strict_types=1);

namespace GrayCompass\Core\Catalogue;

use GrayCompass\Core\Knee\Condition;

/** What is known of each sign beside its figures: name, own test of which condition, words for the athlete. */
final readonly class SignBook
{
    /**
     * @param  array<string, string>  $labels  as practitioners call it, by sign
     * @param  array<string, Condition>  $ownTestOf  by sign
     * @param  array<string, list<string>>  $alike  signs that measure the same thing the same way, by what they measure
     * @param  array<string, string>  $phrases  what an athlete hears of a positive, by sign
     */
    private function __construct(private array $labels, private array $ownTestOf, private array $alike, private array $phrases)
    {
    }

    /**
     * @param  array<string, array{label: string, measures?: string, ownTestOf?: string, found?: string}>  $data
     */
    public static function read(array $data): self
    {
        $own = $alike = $phrases = [];
        foreach ($data as $id => $sign) {
            if (isset($sign['ownTestOf'])) {
                $own[$id] = Condition::from($sign['ownTestOf']);
            }
            if (isset($sign['measures'])) {
                $alike[$sign['measures']][] = $id;
            }
            if (isset($sign['found'])) {
                $phrases[$id] = $sign['found'];
            }
        }

        return new self(array_map(static fn (array $sign): string => $sign['label'], $data), $own, $alike, $phrases);
    }

    public function label(string $sign): string
    {
        return $this->labels[$sign] ?? str_replace('_', ' ', $sign);
    }

    /** The condition that this sign is an own test of; null for one that only hints. */
    public function ownTestOf(string $sign): ?Condition
    {
        return $this->ownTestOf[$sign] ?? null;
    }

    /**
     * @return list<string> own tests of a condition
     */
    public function ownTests(Condition $condition): array
    {
        return array_keys(array_filter($this->ownTestOf, static fn (Condition $of): bool => $of === $condition));
    }

    /**
     * @return list<list<string>> signs that measure the same thing the same way
     */
    public function alike(): array
    {
        return array_values($this->alike);
    }

    /** One sentence on a positive, for the athlete; null where nothing is said. */
    public function phrase(string $sign): ?string
    {
        return $this->phrases[$sign] ?? null;
    }

    /**
     * @return array<string, string> by sign
     */
    public function labels(): array
    {
        return $this->labels;
    }
}
