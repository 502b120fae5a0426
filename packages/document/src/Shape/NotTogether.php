<?php

declare(strict_types=1);

namespace GrayCompass\Document\Shape;

use GrayCompass\Document\FaultKind;
use GrayCompass\Document\Faults;
use GrayCompass\Document\Path;

/** A key that may not be given beside others. */
final readonly class NotTogether implements Rule
{
    /**
     * @param  list<string>  $others
     */
    public function __construct(private string $key, private array $others, private string $reason)
    {
    }

    public function check(array $given, string $path, Faults $faults): void
    {
        foreach ($this->others as $other) {
            if (isset($given[$this->key], $given[$other])) {
                $faults->add(FaultKind::Value, Path::key($path, $this->key), $this->reason);

                return;
            }
        }
    }

    public function schema(): array
    {
        return ['not' => ['allOf' => [
            OneWay::present($this->key),
            OneWay::anyPresent($this->others),
        ]]];
    }
}
