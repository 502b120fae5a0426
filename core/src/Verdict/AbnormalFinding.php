<?php

declare(strict_types=1);

namespace GrayCompass\Core\Verdict;

use GrayCompass\Core\Sentences\Sentence;

/** Something found today on the hurt knee that forbids calling it sound. */
final readonly class AbnormalFinding
{
    /**
     * @param  string  $id  a sign that counts as positive, or a name of data/abnormal.json
     * @param  Sentence|null  $found  for the athlete; null where it goes without saying
     */
    public function __construct(public string $id, public ?Sentence $found)
    {
    }
}
