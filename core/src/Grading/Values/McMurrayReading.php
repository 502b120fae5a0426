<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Values;

use GrayCompass\Core\Examination\Schools\School;

/**
 * What one school reads from the rotated bends, for each meniscus; null: nothing either way.
 *
 * @internal
 */
final readonly class McMurrayReading
{
    public function __construct(
        public School $school,
        public ?Outcome $medial,
        public ?Outcome $lateral,
    ) {
    }

    public function agreesWith(self $other): bool
    {
        return $this->medial === $other->medial && $this->lateral === $other->lateral;
    }
}
