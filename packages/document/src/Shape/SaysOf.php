<?php

declare(strict_types=1);

namespace GrayCompass\Document\Shape;

use GrayCompass\Document\FaultKind;
use GrayCompass\Document\Faults;
use GrayCompass\Document\Path;
use stdClass;

/** An object under one key says something of other keys, each of which must be given. */
final readonly class SaysOf implements Rule
{
    /**
     * @param  list<string>  $others  keys of which it may say something
     */
    public function __construct(private string $key, private array $others, private string $reason)
    {
    }

    public function check(array $given, string $path, Faults $faults): void
    {
        $said = $given[$this->key] ?? null;
        foreach ($said instanceof stdClass ? array_keys(get_object_vars($said)) : [] as $other) {
            if (! isset($given[$other]) || ! \in_array($other, $this->others, true)) {
                $faults->add(FaultKind::Value, Path::key(Path::key($path, $this->key), (string) $other), $this->reason);
            }
        }
    }

    public function schema(): array
    {
        return ['properties' => [$this->key => ['propertyNames' => ['enum' => $this->others]]]];
    }
}
