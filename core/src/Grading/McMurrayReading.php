<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading;

use GrayCompass\Core\Findings\McMurraySchool;

/** What one school reads from the rotated bends, for each meniscus; null: nothing either way. */
final class McMurrayReading
{
    public function __construct(
        public readonly McMurraySchool $school,
        public readonly ?Sign $medial,
        public readonly ?Sign $lateral,
    ) {
    }

    public function agreesWith(self $other): bool
    {
        return $this->medial === $other->medial && $this->lateral === $other->lateral;
    }
}
