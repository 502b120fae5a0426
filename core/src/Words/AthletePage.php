<?php

declare(strict_types=1);

namespace GrayCompass\Core\Words;

use GrayCompass\Core\Sentences\Sentence;

/** What stands on an athlete's page beside what follows from the examination. */
final class AthletePage
{
    public static function title(): Sentence
    {
        return new Sentence('page.title');
    }

    /** Stands over a translation until a clinician who speaks the language has read it. */
    public static function notReviewed(): Sentence
    {
        return new Sentence('page.not_reviewed');
    }

    /** Under the drawing of the knee as its owner sees it. */
    public static function fromTheFront(): Sentence
    {
        return new Sentence('page.from_front');
    }

    /** Under the drawing of the joint surface. */
    public static function fromAbove(): Sentence
    {
        return new Sentence('page.from_above');
    }
}
