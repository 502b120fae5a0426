<?php

declare(strict_types=1);

namespace App\Clinic\Http\Shapes;

use App\Clinic\Values\ProposalState;
use App\Clinic\Values\TaskKind;
use App\Clinic\Values\TaskState;
use GrayCompass\Document\Shape\Day;
use GrayCompass\Document\Shape\Definition;
use GrayCompass\Document\Shape\Fields;
use GrayCompass\Document\Shape\Moment;
use GrayCompass\Document\Shape\Noted;
use GrayCompass\Document\Shape\OrNull;
use GrayCompass\Document\Shape\Text;
use GrayCompass\Document\Shape\Word;
use GrayCompass\Document\Shape\YesNo;

/** What is due, and what students propose. */
final class TaskShapes
{
    public static function task(): Definition
    {
        return new Definition('Task', new Fields([
            'id' => Text::free(),
            'kind' => Word::of(TaskKind::class),
            'state' => Word::of(TaskState::class),
            'title' => Text::free(),
            'why' => Text::free(),
            'reason' => new Noted(Text::free(), 'what for, in one line'),
            'side' => new OrNull(new Word(['left', 'right'])),
            'closing' => new Noted(new OrNull(Text::free()), 'what came of it, or why it was let go'),
            'dueFrom' => new OrNull(new Day),
            'dueOn' => new OrNull(new Day),
            'when' => new Word(['overdue', 'today', 'week', 'later', 'awaited', 'closed']),
            'examination' => new Noted(new OrNull(Text::free()), 'whose plan asked for it'),
            'episode' => new Noted(new OrNull(Text::free()), 'the episode of that knee'),
        ], [
            'athlete' => HistoryShapes::athleteSummary(),
        ], strict: true));
    }

    public static function newTask(): Definition
    {
        return new Definition('NewTask', new Fields([
            'title' => Text::upTo(200),
            'dueOn' => new Day,
        ]));
    }

    public static function taskChange(): Definition
    {
        return new Definition('TaskChange', new Fields([
            'state' => Word::of(TaskState::class),
        ], [
            'dueOn' => new Noted(new OrNull(new Day), 'null: as it was'),
            'note' => new Noted(new OrNull(Text::upTo(2000)), 'what came of it; needed where it is let go'),
        ], strict: true));
    }

    public static function proposal(): Definition
    {
        return new Definition('Proposal', new Noted(
            new Fields([
                'id' => Text::free(),
                'state' => Word::of(ProposalState::class),
                'title' => new Noted(Text::free(), 'what it asks for'),
                'note' => new Noted(Text::free(), 'what was said with it'),
                'athlete' => new Fields([
                    'id' => Text::free(),
                    'name' => Text::free(),
                ]),
                'side' => new OrNull(new Word(['left', 'right'])),
                'by' => Text::free(),
                'at' => new Moment,
                'decidedBy' => new OrNull(Text::free()),
                'why' => new Noted(new OrNull(Text::free()), 'it was turned down'),
            ]),
            'what a student would enter; it counts nowhere until a practitioner accepts it',
        ));
    }

    public static function proposed(): Definition
    {
        return new Definition('Proposed', new Fields([
            'proposal' => self::proposal(),
        ]));
    }

    public static function decision(): Definition
    {
        return new Definition('Decision', new Fields([
            'take' => new YesNo,
        ], [
            'why' => new Noted(new OrNull(Text::upTo(2000)), 'needed where it is not taken'),
        ], strict: true));
    }
}
