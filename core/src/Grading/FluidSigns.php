<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading;

use GrayCompass\Core\Findings\Examination;

/** The three fluid signs of the hurt knee, as far as they were tried. */
final class FluidSigns
{
    private const SWEEP = ['none', 'trace', 'bulge', 'refills', 'cannot_empty'];

    /**
     * @param  int|null  $sweep  0 none, 1 trace, 2 bulge, 3 refills, 4 cannot empty; null not done
     * @param  bool|null  $taps  whether the kneecap strikes bone
     * @param  bool|null  $crosses  whether a wave of fluid is felt
     */
    private function __construct(
        public readonly ?int $sweep,
        public readonly ?bool $taps,
        public readonly ?bool $crosses,
    ) {
    }

    public static function in(Examination $examination): self
    {
        $sweep = $examination->hurt('effusion_sweep');
        $tap = $examination->hurt('patellar_tap');
        $fluctuation = $examination->hurt('fluctuation');
        $grade = $sweep?->word('grade');

        return new self(
            $sweep?->normal ? 0 : ($grade === null ? null : (int) array_search($grade, self::SWEEP, true)),
            $tap?->normal ? false : ($tap === null ? null : $tap->word('result') === 'taps'),
            $fluctuation?->normal ? false : $fluctuation?->flag('crossesFluid'),
        );
    }

    /** Null when what was tried cannot answer. */
    public function sign(): ?Sign
    {
        return match (true) {
            ($this->sweep ?? 0) >= 2, $this->taps === true, $this->crosses === true => Sign::Positive,
            $this->sweep === 1 => Sign::Equivocal,
            $this->sweep === 0 => Sign::Negative,
            default => null,
        };
    }

    public function grade(): ?float
    {
        if (($this->sweep ?? 0) < 2 && $this->taps === true) {
            return 2.0;
        }

        return match ($this->sweep) {
            0 => 0.0,
            1 => 0.5,
            2 => 1.0,
            3 => 2.0,
            4 => 3.0,
            default => null,
        };
    }
}
