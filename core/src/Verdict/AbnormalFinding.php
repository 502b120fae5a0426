<?php

declare(strict_types=1);

namespace GrayCompass\Core\Verdict;

/** Something found today on the hurt knee that forbids calling it sound. */
final readonly class AbnormalFinding
{
    /**
     * @param  string  $id  a sign that counts as positive, or a name of data/abnormal.json
     * @param  string  $found  one sentence for the athlete
     */
    public function __construct(public string $id, public string $found)
    {
    }
}
