<?php

declare(strict_types=1);

namespace App\Access\Values;

/** What a token opens; never more than the role of the member who made it. */
enum TokenAbility: string
{
    /** Look at athletes, examinations, tasks and availability, and weigh results. */
    case Read = 'read';

    /** Add athletes and examinations, and enter what is found. */
    case Record = 'record';

    /** Save records as files. */
    case Export = 'export';

    /** Read through the FHIR interface. */
    case Fhir = 'fhir';
}
