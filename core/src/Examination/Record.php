<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination;

use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Knee\DifferenceBand;
use GrayCompass\Core\Knee\EndFeel;
use GrayCompass\Core\Knee\Side;

/**
 * What was recorded of one manoeuvre on one knee.
 *
 * @internal
 */
final readonly class Record
{
    private const DIGITS = 6;

    /**
     * @param  int<0, max>  $position  place in the document's list of findings, from 0
     * @param  array<string, bool|float|string|list<string>>  $measures  by field name
     * @param  list<Cell>  $cells
     * @param  array<string, bool>  $checks
     * @param  array<string, FigureSource>  $by  figures that an instrument took, by field name
     */
    public function __construct(
        public int $position,
        public Manoeuvre $manoeuvre,
        public Side $side,
        private array $measures = [],
        public array $cells = [],
        private array $checks = [],
        public bool $normal = false,
        public ?NotDone $notDone = null,
        public ?string $override = null,
        public bool $fromMemory = false,
        public string $note = '',
        private array $by = [],
    ) {
    }

    public function has(string $field): bool
    {
        return isset($this->measures[$field]);
    }

    public function number(string $field): ?float
    {
        $value = $this->measures[$field] ?? null;

        return \is_float($value) ? $value : null;
    }

    public function flag(string $field): ?bool
    {
        $value = $this->measures[$field] ?? null;

        return \is_bool($value) ? $value : null;
    }

    public function word(string $field): ?string
    {
        $value = $this->measures[$field] ?? null;

        return \is_string($value) ? $value : null;
    }

    /**
     * @return list<string>|null null when the list was not given
     */
    public function words(string $field): ?array
    {
        $value = $this->measures[$field] ?? null;

        return \is_array($value) ? $value : null;
    }

    /** How a figure was measured; null where a hand took it. */
    public function sourceOf(string $field): ?FigureSource
    {
        return $this->by[$field] ?? null;
    }

    /** A figure of one record minus the same of another; 0 for two normal ones; null when either is missing. */
    public static function difference(?self $of, ?self $and, string $field): ?float
    {
        if ($of === null || $and === null) {
            return null;
        }
        if ($of->normal && $and->normal) {
            return 0.0;
        }
        [$one, $other] = [$of->number($field), $and->number($field)];

        return $one === null || $other === null ? null : round($one - $other, self::DIGITS);
    }

    public function endFeel(string $field = 'endFeel'): ?EndFeel
    {
        return $this->normal ? EndFeel::Firm : EndFeel::tryFrom($this->word($field) ?? '');
    }

    public function band(): ?DifferenceBand
    {
        return DifferenceBand::tryFrom($this->word('differenceBand') ?? '');
    }

    /** 0–10; a normal finding has none. */
    public function pain(): ?float
    {
        return $this->normal ? 0.0 : $this->number('pain');
    }

    public function failed(string $check): bool
    {
        return ($this->checks[$check] ?? null) === false;
    }

    /** Ticked by someone, not merely taken as passed. */
    public function isTicked(string $check): bool
    {
        return ($this->checks[$check] ?? null) === true;
    }

    /** Ticked, or taken as passed with a normal finding. */
    public function passed(string $check): bool
    {
        return $this->normal || ($this->checks[$check] ?? null) === true;
    }

    /**
     * Checks of the manoeuvre that nobody answered.
     *
     * @return list<string>
     */
    public function unansweredChecks(): array
    {
        return $this->normal ? [] : array_values(array_filter(
            $this->manoeuvre->checks,
            fn (string $check): bool => ! isset($this->checks[$check]),
        ));
    }
}
