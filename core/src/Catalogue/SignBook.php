<?php

declare(strict_types=1);

namespace GrayCompass\Core\Catalogue;

use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Level;
use GrayCompass\Core\Sentences\Sentence;

/** What is known of each sign beside its figures: name, own test of which condition, words for the athlete. */
final readonly class SignBook
{
    /** What stands so long tells how far a joint moves. Working estimate. */
    private const LAXITY_DAYS = 42;

    /**
     * @param  array<string, SignEntry>  $signs  by id
     */
    private function __construct(private array $signs)
    {
    }

    /**
     * @param  array<string, array{
     *     label: string, measures?: string, ownTestOf?: string, grades?: string, sorenessOf?: string, found?: string,
     *     foundGross?: string, painAlone?: string, carriedDays?: int<0, max>, carriesPositive?: bool
     * }>  $data
     */
    public static function read(array $data): self
    {
        return new self(array_map(static fn (array $sign): SignEntry => new SignEntry(
            $sign['label'],
            $sign['measures'] ?? '',
            Condition::tryFrom($sign['ownTestOf'] ?? ''),
            Condition::tryFrom($sign['grades'] ?? ''),
            Condition::tryFrom($sign['sorenessOf'] ?? ''),
            $sign['found'] ?? null,
            $sign['foundGross'] ?? null,
            PainAlone::tryFrom($sign['painAlone'] ?? ''),
            $sign['carriedDays'] ?? 0,
            $sign['carriesPositive'] ?? false,
        ), $data));
    }

    /**
     * What a finding on the scales is called.
     *
     * @param  string  $finding  a sign, one of an earlier visit such as lachman@2026-11-05, or a look such as scan_mri:acl
     */
    public function label(string $finding): string
    {
        $sign = substr($finding, 0, strcspn($finding, '@:'));

        return ($this->signs[$sign] ?? null)->label ?? str_replace('_', ' ', $sign);
    }

    /** The condition that this sign is an own test of; null for one that only hints. */
    public function ownTestOf(string $sign): ?Condition
    {
        return ($this->signs[$sign] ?? null)?->ownTestOf;
    }

    /** The ligament that the laxity of this sign grades; null for one that grades none. */
    public function grades(string $sign): ?Condition
    {
        return ($this->signs[$sign] ?? null)?->grades;
    }

    /**
     * Signs whose laxity grades any of these ligaments.
     *
     * @return list<string>
     */
    public function grading(Condition ...$conditions): array
    {
        return $this->with(static fn (SignEntry $sign): bool => \in_array($sign->grades, $conditions, true));
    }

    /**
     * Pain or tenderness of a ligament that says nothing of its laxity.
     *
     * @return list<string>
     */
    public function sorenessOf(Condition $condition): array
    {
        return $this->with(static fn (SignEntry $sign): bool => $sign->sorenessOf === $condition);
    }

    /**
     * @return list<list<string>> signs that measure the same thing the same way
     */
    public function alike(): array
    {
        $alike = [];
        foreach ($this->signs as $id => $sign) {
            if ($sign->measures !== '') {
                $alike[$sign->measures][] = $id;
            }
        }

        return array_values($alike);
    }

    /** One sentence on a positive, for the athlete; null where nothing is said. */
    public function phrase(string $sign, ?Level $level = null): ?Sentence
    {
        $entry = $this->signs[$sign] ?? null;

        $code = ($level === Level::Gross ? $entry?->foundGross : null) ?? $entry?->found;

        return $code === null ? null : new Sentence($code);
    }

    /** Null: a positive of this sign is more than pain. */
    public function painAlone(string $sign): ?PainAlone
    {
        return ($this->signs[$sign] ?? null)?->painAlone;
    }

    /**
     * For so many days a valid result of this sign stands at later visits, the last day included. Working estimates.
     *
     * @return int<0, max> 0: on its day only
     */
    public function carriedDays(string $sign): int
    {
        return ($this->signs[$sign] ?? null)->carriedDays ?? 0;
    }

    /** A positive of this sign stands for the whole episode, though a negative does not. */
    public function carriesPositive(string $sign): bool
    {
        return ($this->signs[$sign] ?? null)?->carriesPositive === true;
    }

    /** The most days for which a result of any sign stands. */
    public function longestCarried(): int
    {
        return self::LAXITY_DAYS;
    }

    /**
     * Signs whose positive stands for the whole episode.
     *
     * @return list<string>
     */
    public function carryingPositives(): array
    {
        return $this->with(static fn (SignEntry $sign): bool => $sign->carriesPositive);
    }

    /** The sign tells how far the joint moves: a torn ligament does not mend that in a few weeks. */
    public function isLaxity(string $sign): bool
    {
        return $this->carriedDays($sign) >= self::LAXITY_DAYS;
    }

    /**
     * @return array<string, string> by sign
     */
    public function labels(): array
    {
        return array_map(static fn (SignEntry $sign): string => $sign->label, $this->signs);
    }

    /**
     * @param  callable(SignEntry): bool  $test
     * @return list<string>
     */
    private function with(callable $test): array
    {
        return array_keys(array_filter($this->signs, $test));
    }
}
