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
            self::SeeBoard => __('access.ability.only_members_of_the_team_see'),
            self::Examine => __('access.ability.a_coach_sees_only_availability_and'),
            self::SeeOthers, self::ChangeOthers => __('access.ability.students_work_on_their_own'),
            self::Sign => __('access.ability.a_student_cannot_sign'),
            self::Answer => __('access.ability.a_student_cannot_change_tasks'),
            self::Propose => __('access.ability.only_students_make_proposals_enter_it'),
            self::KeepLists => __('access.ability.a_student_cannot_change_the_lists'),
            self::Lead => __('access.ability.only_a_team_lead_can_do'),
            self::ReadLog => __('access.ability.only_a_team_lead_can_read'),
        };
    }
}
