<?php

declare(strict_types=1);

namespace GrayCompass\Document\Shape;

use GrayCompass\Document\FaultKind;
use GrayCompass\Document\Faults;

/** Exactly one of several ways of filling in an object: any of some keys, or a key that is true, or another key. */
final readonly class OneWay implements Rule
{
    /**
     * @param  list<string>  $anyOf  keys that are one way, however many of them are given
     * @param  string  $isTrue  a key that is another way when it is true
     * @param  string  $given  a key that is a third way when it is given
     */
    public function __construct(
        private array $anyOf,
        private string $isTrue,
        private string $given,
        private string $none,
        private string $several,
    ) {
    }

    public function check(array $given, string $path, Faults $faults): void
    {
        $any = array_filter($this->anyOf, static fn (string $key): bool => isset($given[$key]));
        $ways = (int) ($any !== []) + (int) (($given[$this->isTrue]
            ?? false) === true) + (int) isset($given[$this->given]);
        if ($ways !== 1) {
            $faults->add(FaultKind::Value, $path, $ways === 0 ? $this->none : $this->several);
        }
    }

    public function schema(): array
    {
        return ['oneOf' => [
            self::anyPresent($this->anyOf),
            ['required' => [$this->isTrue], 'properties' => [$this->isTrue => ['const' => true]]],
            self::present($this->given),
        ]];
    }

    /**
     * @param  list<string>  $keys
     * @return array<string, mixed>
     */
    public static function anyPresent(array $keys): array
    {
        return \count($keys) === 1 ? self::present($keys[0]) : ['anyOf' => array_map(self::present(...), $keys)];
    }

    /**
     * @return array<string, mixed>
     */
    public static function present(string $key): array
    {
        return ['required' => [$key], 'properties' => [$key => ['not' => ['type' => 'null']]]];
    }
}
