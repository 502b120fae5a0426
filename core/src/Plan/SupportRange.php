<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Sentences\Sentence;

/** How far a support lets the knee bend, and for how long it is worn. Working estimates. */
enum SupportRange: string
{
    case Locked = 'locked';
    case MedialGrade3 = 'grade_3';
    case MedialGrade2 = 'grade_2';
    case FewDays = 'few_days';
    case StraightToWeek6 = 'straight_to_week_6';
    case SomeWeeks = 'some_weeks';

    public function name(): Sentence
    {
        return new Sentence("range.{$this->value}");
    }
}
