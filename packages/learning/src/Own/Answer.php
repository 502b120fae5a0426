<?php

declare(strict_types=1);

namespace GrayCompass\Learning\Own;

/** What a look said of one condition, and how far it is believed while counts are filled in. */
final readonly class Answer
{
    /** A look that settles it; its errors are left out on purpose: belief would feed on belief. */
    private const HARD = ['agrees' => 0.99, 'differs' => 0.01];

    /** P(the weeks, or a weaker look, say “present”) with and without it. */
    private const SOFT = ['with' => 0.60, 'without' => 0.05];

    /** What a soft look says of “absent”: the rest of each. */
    public function __construct(public bool $isHard, public bool $present)
    {
    }

    /** P(this answer | the condition is there, or is not). */
    public function chance(bool $isThere): float
    {
        if ($this->isHard) {
            return $isThere === $this->present ? self::HARD['agrees'] : self::HARD['differs'];
        }
        $shown = $isThere ? self::SOFT['with'] : self::SOFT['without'];

        return $this->present ? $shown : 1 - $shown;
    }
}
