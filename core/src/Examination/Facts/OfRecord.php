<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination\Facts;

use Closure;
use GrayCompass\Core\Examination\HurtKnee;

/**
 * Something recorded of the hurt knee in any of the manoeuvres named.
 *
 * @internal
 */
final readonly class OfRecord implements FactCondition
{
    /**
     * @param  list<string>  $manoeuvres
     * @param  Closure(HurtKnee, string): bool  $test  of one manoeuvre
     */
    public function __construct(private array $manoeuvres, private Closure $test)
    {
    }

    public function since(FactSubject $seen): ?int
    {
        $places = [];
        foreach ($this->manoeuvres as $manoeuvre) {
            if (($this->test)($seen->knee, $manoeuvre)) {
                $places[] = $seen->knee->position($manoeuvre);
            }
        }

        return $places === [] ? null : \min($places);
    }
}
