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

    /** In a sentence, for whoever gives it to somebody. */
    public function may(): string
    {
        return match ($this) {
            self::Lead => 'Examines and signs, and leads the team: people, settings, the log.',
            self::Practitioner => 'Examines and signs.',
            self::Student => 'Examines, sees examinations of their own alone, asks a clinician to sign them, and proposes '
                .'what follows.',
            self::Coach => 'Sees the availability of athletes who agreed, and nothing else.',
        };
    }
}
