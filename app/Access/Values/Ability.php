<?php

declare(strict_types=1);

namespace App\Access\Values;

/** What a member of a team may be able to do; {@see \App\Access\Teams\Abilities} says which role can. */
enum Ability: string
{
    /** See who may play, of those who agreed. */
    case SeeBoard = 'seeBoard';

    /** Open records and enter what is found. */
    case Examine = 'examine';

    /** See examinations of others, and what followed from them. */
    case SeeOthers = 'seeOthers';

    /** Change what others entered. */
    case ChangeOthers = 'changeOthers';

    case Sign = 'sign';

    /** Enter results, write letters and close what is due, and answer for it. */
    case Answer = 'answer';

    /** The same as a proposal that another takes over. */
    case Propose = 'propose';

    /** Make, change and put away athletes. */
    case KeepLists = 'keepLists';

    /** People, settings, retention and erasure. */
    case Lead = 'lead';

    case ReadLog = 'readLog';

    /** What is said where it is refused. */
    public function refusal(): string
    {
        return match ($this) {
            self::SeeBoard => 'Only members of the team see availability.',
            self::Examine => 'A coach sees availability, and nothing else of a record.',
            self::SeeOthers, self::ChangeOthers => 'Students work on their own examinations.',
            self::Sign => 'A student cannot sign.',
            self::Answer => 'A student does not answer for what is due.',
            self::Propose => 'Only students make proposals. Enter it directly.',
            self::KeepLists => 'A student does not change who is in the lists.',
            self::Lead => 'Only a team lead can do this.',
            self::ReadLog => 'Only a team lead can read the log.',
        };
    }
}
