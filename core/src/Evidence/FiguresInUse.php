<?php

declare(strict_types=1);

namespace GrayCompass\Core\Evidence;

use GrayCompass\Core\Knee\Condition;

/** The figures that one examination was weighed with. */
final readonly class FiguresInUse
{
    /**
     * @param  array<string, EvidenceLibrary>  $carried  by finding on the scales, for what earlier visits found
     * @param  string  $digest  of every figure that a chance depends on
     */
    public function __construct(
        public EvidenceLibrary $today,
        private array $carried,
        private References $references,
        public string $digest,
    ) {
    }

    /**
     * The row by which a finding on the scales speaks of a condition.
     *
     * @param  string  $finding  such as lachman, lachman@2026-11-05 or scan_mri:acl
     */
    public function row(string $finding, Condition $target): ?EvidenceRow
    {
        $sign = strstr($finding, '@', true);

        return $this->references->row($finding)
            ?? ($sign === false ? $this->today : $this->carried[$finding] ?? $this->today)
                ->row($sign === false ? $finding : $sign, $target);
    }
}
