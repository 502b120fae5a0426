<?php

declare(strict_types=1);

namespace GrayCompass\Document\Shape;

use GrayCompass\Document\FaultKind;
use GrayCompass\Document\Faults;

/** Text of so many characters; where it must follow a pattern, the reason says how. */
final readonly class Text implements Shape
{
    /**
     * @param  int|null  $most  null: as long as it likes
     * @param  string  $pattern  a regular expression both PHP and JSON Schema understand, without delimiters
     * @param  string  $expected  what is said where the pattern is not followed
     */
    public function __construct(
        private int $least,
        private ?int $most,
        private string $pattern = '',
        private string $expected = '',
    ) {
    }

    /** Of any length. */
    public static function free(): self
    {
        return new self(0, null);
    }

    /** @param  int  $most  characters */
    public static function upTo(int $most): self
    {
        return new self(0, $most);
    }

    public function check(mixed $value, string $path, Faults $faults): void
    {
        if (! \is_string($value)) {
            $faults->add(FaultKind::Value, $path, 'expected text');

            return;
        }
        $length = mb_strlen($value);
        if ($length < $this->least || ($this->most !== null && $length > $this->most)) {
            $most = $this->most === null ? 'or more' : "to {$this->most}";
            $faults->add(FaultKind::Value, $path, "expected {$this->least} {$most} characters");
        } elseif ($this->pattern !== '' && preg_match("~{$this->pattern}~D", $value) !== 1) {
            $faults->add(FaultKind::Value, $path, $this->expected);
        }
    }

    public function schema(): array
    {
        return [
            'type' => 'string',
            ...($this->least > 0 ? ['minLength' => $this->least] : []),
            ...($this->most === null ? [] : ['maxLength' => $this->most]),
            ...($this->pattern === '' ? [] : ['pattern' => $this->pattern]),
        ];
    }
}
