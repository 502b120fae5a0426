<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination;

/**
 * What the safety gate was told: yes, no, or not checked.
 *
 * @internal
 */
final readonly class SafetyAnswers
{
    /**
     * @param  array<string, bool>  $answers  by key value; absent means not checked
     */
    public function __construct(private array $answers)
    {
    }

    public function isTrue(SafetyKey ...$keys): bool
    {
        foreach ($keys as $key) {
            if ($this->answers[$key->value] ?? false) {
                return true;
            }
        }

        return false;
    }

    public function answered(SafetyKey ...$keys): bool
    {
        foreach ($keys as $key) {
            if (! isset($this->answers[$key->value])) {
                return false;
            }
        }

        return true;
    }
}
