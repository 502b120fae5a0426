<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use GrayCompass\Core\Sentences\Sentence;

/** How far the knee may be bent; case order is strictest first. */
enum Bend: string
{
    case DoNot = 'do_not';
    case DoNotForce = 'do_not_force';
    case AsItAllows = 'as_it_allows';

    /** For the athlete. */
    public function advice(): Sentence
    {
        return new Sentence("bend.{$this->value}");
    }
}
