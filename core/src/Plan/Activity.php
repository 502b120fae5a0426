<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Sentences\Sentence;

/** What an athlete does in training, or leaves out. */
enum Activity: string
{
    case Running = 'running';
    case RunningStraight = 'running_straight';
    case Jumping = 'jumping';
    case Cutting = 'cutting';
    case Contact = 'contact';
    case ContactUnsupported = 'contact_unsupported';
    case FullBendLoaded = 'full_bend_loaded';
    case Cycling = 'cycling';
    case UpperBody = 'upper_body';

    /**
     * @param  list<self>  $activities
     * @return list<Sentence>
     */
    public static function names(array $activities): array
    {
        return array_map(static fn (self $activity): Sentence => $activity->name(), $activities);
    }

    public function name(): Sentence
    {
        return new Sentence("activity.{$this->value}");
    }
}
