<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination\Schools;

/**
 * One teaching that a knee may be judged by, as data/schools.json holds it.
 *
 * @internal
 */
final readonly class School
{
    /**
     * @param  string  $label  as it is chosen
     * @param  string  $judgedBy  the rule that judges; empty where the figures themselves do
     * @param  array<string, float>  $bandsMm  limits in mm that differ from the rule's own, by their name
     * @param  list<FluidRange>  $millilitres  of a school of fluid, the first that applies counts
     * @param  string  $source  where its limits come from, or that they are working estimates
     * @param  bool  $offered  whether there is anything behind it to choose
     */
    public function __construct(
        public string $id,
        public string $label,
        public string $judgedBy,
        public array $bandsMm,
        public array $millilitres,
        public string $source,
        public bool $offered = true,
    ) {
    }
}
