<?php

declare(strict_types=1);

namespace GrayCompass\Core\Fhir;

/** What our own code systems, identifiers and extensions are called, below the base address. */
enum Code: string
{
    /** Code systems. */
    case Manoeuvre = 'manoeuvre';
    case Field = 'field';
    case Check = 'check';
    case Record = 'record';
    case Part = 'part';
    case Item = 'item';
    case Word = 'word';
    case Absent = 'absent';
    case BodySite = 'body-site';
    case Condition = 'condition';
    case Finding = 'finding';
    case Zone = 'zone';
    case SafetyRule = 'safety-rule';
    case Referral = 'referral';
    case Category = 'category';
    case Reference = 'reference-result';
    case Tag = 'tag';

    /** Identifiers. */
    case Athlete = 'athlete';
    case Examiner = 'examiner';
    case Examination = 'examination';
    case Team = 'team';
    case Number = 'athlete-number';

    /** Extensions. */
    case Counts = 'counts';
    case Interval = 'interval';
    case Pretest = 'pretest-chance';
    case Within = 'within';
    case Untold = 'condition-without-chance';

    /** A Patient that was made from a document alone carries this tag; no birth date is known of it. */
    public const DOCUMENT_ONLY = 'document-only';

    /** A list or an object without anything in it. */
    public const EMPTY = 'empty';

    /** A key that was given as null. */
    public const UNKNOWN = 'unknown';
}
