<?php

declare(strict_types=1);

namespace GrayCompass\Document\Shape;

use BackedEnum;
use GrayCompass\Document\FaultKind;
use GrayCompass\Document\Faults;
use GrayCompass\Document\Path;

/** A list of some words, each at most once. */
final readonly class Words implements Shape
{
    /**
     * @param  list<string>  $words
     */
    public function __construct(private array $words)
    {
    }

    /**
     * @param  class-string<BackedEnum>  $enum
     */
    public static function of(string $enum): self
    {
        return new self(array_map(static fn (BackedEnum $case): string => (string) $case->value, $enum::cases()));
    }

    public function check(mixed $value, string $path, Faults $faults): void
    {
        if (! \is_array($value)) {
            $faults->add(FaultKind::Value, $path, 'expected a list');

            return;
        }
        $most = \count($this->words);
        if (\count($value) > $most) {
            $faults->add(FaultKind::Value, $path, "expected at most {$most} entries");

            return;
        }
        $met = [];
        foreach (array_values($value) as $index => $word) {
            if (! \is_string($word) || ! \in_array($word, $this->words, true)) {
                $faults->add(
                    FaultKind::Value,
                    Path::index($path, $index),
                    'expected one of '.implode(', ', $this->words),
                );
            } elseif (isset($met[$word])) {
                $faults->add(FaultKind::Value, Path::index($path, $index), "{$word} stands twice");
            } else {
                $met[$word] = true;
            }
        }
    }

    public function schema(): array
    {
        return ['type' => 'array', 'uniqueItems' => true, 'items' => ['enum' => $this->words]];
    }
}
