<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination;

use GrayCompass\Core\Examination\Facts\Fact;

/**
 * The three fluid signs of the hurt knee, as far as they were tried.
 *
 * @internal
 */
final readonly class FluidSigns
{
    private const SWEEP = ['none', 'trace', 'bulge', 'refills', 'cannot_empty'];

    /**
     * @param  int<0, 4>|null  $sweep  0 none, 1 trace, 2 bulge, 3 refills, 4 cannot empty; null not done
     * @param  bool|null  $taps  whether the kneecap strikes bone
     * @param  bool|null  $crosses  whether a wave of fluid is felt
     * @param  int<-1, max>  $at  place in the document of the last of them; −1: none was tried
     * @param  Record|null  $first  of them, in the order done
     * @param  bool  $hollowsGone  the hollows beside the patella are filled, and those of the other knee are not
     */
    private function __construct(
        public ?int $sweep,
        public ?bool $taps,
        public ?bool $crosses,
        public int $at,
        public ?Record $first,
        private bool $hollowsGone,
    ) {
    }

    public static function in(KneeExamination $examination): self
    {
        $sweep = $examination->hurt('effusion_sweep');
        $tap = $examination->hurt('patellar_tap');
        $fluctuation = $examination->hurt('fluctuation');
        $grade = $sweep?->word('grade');
        $hollows = (new HurtKnee($examination))->since(Fact::HollowsGone);
        $done = array_filter([$sweep, $tap, $fluctuation, $hollows === null ? null : $examination->records[$hollows]]);
        usort($done, static fn (Record $one, Record $other): int => $one->position <=> $other->position);

        return new self(
            $sweep?->normal ? 0 : ($grade === null ? null : (int) array_search($grade, self::SWEEP, true)),
            $tap?->normal ? false : ($tap === null ? null : $tap->word('result') === 'taps'),
            $fluctuation?->normal ? false : $fluctuation?->flag('crossesFluid'),
            $done === [] ? -1 : $done[\count($done) - 1]->position,
            $done[0] ?? null,
            $hollows !== null,
        );
    }

    /** Fluid is there: from a bulge on, or the kneecap taps on bone, or a wave crosses. */
    public function isPositive(): bool
    {
        return ($this->sweep ?? 0) >= 2 || $this->taps === true || $this->crosses === true;
    }

    /** The sweep shows a trace, or the hollows are filled, and nothing else shows fluid. */
    public function isTrace(): bool
    {
        return ! $this->isPositive() && ($this->sweep === 1 || $this->hollowsGone);
    }

    /** The sweep was done and shows nothing, and nothing else does. */
    public function isNegative(): bool
    {
        return ! $this->isPositive() && $this->sweep === 0 && ! $this->hollowsGone;
    }

    public function wasTried(): bool
    {
        return $this->sweep !== null || $this->taps !== null || $this->crosses !== null;
    }

    /** 0, 0.5, 1, 2 or 3; null when the sweep was not done and the kneecap does not tap. */
    public function grade(): ?float
    {
        if (($this->sweep ?? 0) < 2 && $this->taps === true) {
            return 2.0;
        }

        return match ($this->sweep) {
            0 => $this->hollowsGone ? 0.5 : 0.0,
            1 => 0.5,
            2 => 1.0,
            3 => 2.0,
            4 => 3.0,
            default => $this->hollowsGone ? 0.5 : null,
        };
    }
}
