<?php

declare(strict_types=1);

namespace App\Clinic\Values;

/** What of an examination is saved as a whole: a section, or the record of one manoeuvre on one side. */
final readonly class Part
{
    private const BETWEEN = ':';

    /**
     * @param  string  $name  of the section, or of the manoeuvre
     * @param  string  $side  left, right or both; empty for a section
     */
    private function __construct(public string $name, public string $side)
    {
    }

    public static function section(SectionName $name): self
    {
        return new self($name->value, '');
    }

    public static function record(string $manoeuvre, string $side): self
    {
        return new self($manoeuvre, $side);
    }

    /** As `key` wrote it. */
    public static function fromKey(string $key): self
    {
        return new self(...[...explode(self::BETWEEN, $key, 2), '']);
    }

    public function isRecord(): bool
    {
        return $this->side !== '';
    }

    /** By which it is stored and told, such as `history` or `lachman:left`. */
    public function key(): string
    {
        return $this->isRecord() ? $this->name.self::BETWEEN.$this->side : $this->name;
    }

    public function is(self $other): bool
    {
        return $this->name === $other->name && $this->side === $other->side;
    }
}
