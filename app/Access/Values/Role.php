<?php

declare(strict_types=1);

namespace App\Access\Values;

/** What a member of a team may do. */
enum Role: string
{
    case Lead = 'lead';
    case Practitioner = 'practitioner';
    case Student = 'student';
    case Coach = 'coach';

    public function label(): string
    {
        return ucfirst($this->value);
    }

    /** In a sentence, for the person who gives it to someone. */
    public function may(): string
    {
        return match ($this) {
            self::Lead => __('access.role.examines_and_signs_and_manages_the'),
            self::Practitioner => __('access.role.examines_and_signs'),
            self::Student => __('access.role.examines_sees_only_their_own'),
            self::Coach => __('access.role.sees_only_the_availability_of_athletes'),
        };
    }
}
