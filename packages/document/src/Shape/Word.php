<?php

declare(strict_types=1);

namespace GrayCompass\Document\Shape;

use BackedEnum;
use GrayCompass\Document\FaultKind;
use GrayCompass\Document\Faults;

/** One of some words. */
final readonly class Word implements Shape
{
    /**
     * @param  non-empty-list<string>  $words
     */
    public function __construct(private array $words)
    {
    }

    /**
     * @param  class-string<BackedEnum>  $enum
     */
    public static function of(string $enum): self
    {
        $words = array_map(static fn (BackedEnum $case): string => (string) $case->value, $enum::cases());

        return new self($words === [] ? [''] : $words);
    }

    public function check(mixed $value, string $path, Faults $faults): void
    {
        if (! \is_string($value) || ! \in_array($value, $this->words, true)) {
            $faults->add(FaultKind::Value, $path, 'expected one of '.implode(', ', $this->words));
        }
    }

    public function schema(): array
    {
        return ['enum' => $this->words];
    }
}
