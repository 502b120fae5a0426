<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use GrayCompass\Core\Examination\HurtKnee;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Examination\SafetyKey;

/**
 * The answers of the gate, ticked or found by hand. Where they differ, yes wins.
 *
 * @internal
 */
final readonly class Signs
{
    /** @var array<string, Heard> what the hands said, by key */
    private array $heard;

    public function __construct(private KneeExamination $examination)
    {
        $hands = new Hands(new HurtKnee($examination));
        $heard = [];
        foreach (SafetyKey::cases() as $key) {
            $heard[$key->value] = $hands->on($key);
        }
        $this->heard = array_filter($heard);
    }

    public function yes(SafetyKey ...$keys): bool
    {
        return $this->since(...$keys) !== null;
    }

    /**
     * Where the earliest yes to any of these stands in the document; −1 for a tick; null when none says yes.
     *
     * @return int<-1, max>|null
     */
    public function since(SafetyKey ...$keys): ?int
    {
        $since = [];
        foreach ($keys as $key) {
            if ($this->examination->safety->isTrue($key)) {
                return -1;
            }
            if (($this->heard[$key->value] ?? null)?->yes === true) {
                $since[] = $this->heard[$key->value]->at;
            }
        }

        return $since === [] ? null : \min($since);
    }

    public function answered(SafetyKey ...$keys): bool
    {
        foreach ($keys as $key) {
            if (! $this->examination->safety->answered($key) && ! isset($this->heard[$key->value])) {
                return false;
            }
        }

        return true;
    }

    /**
     * Questions to which tick and hand give different answers.
     *
     * @return list<SafetyKey>
     */
    public function disagreements(): array
    {
        return array_values(array_filter(SafetyKey::cases(), function (SafetyKey $key): bool {
            $heard = $this->heard[$key->value] ?? null;
            if ($heard === null || ! $this->examination->safety->answered($key)) {
                return false;
            }

            return $heard->yes !== $this->examination->safety->isTrue($key) && ($heard->yes || $heard->wholly);
        }));
    }
}
