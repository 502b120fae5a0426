<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Architecture;

/** The rooms of the house in the order in which data flows, and for each the rooms it may know. */
final class Rooms
{
    /** Namespaces of libraries that a room uses; every other room does without. */
    public const LIBRARIES = ['Core\\Fhir' => ['Symfony\\Component\\Uid']];

    /** Doors of other packages that a room comes in by. */
    public const DOORS = ['Learning\\Own' => ['Inference\\Weighing']];

    /** Every room may know itself; nothing that is not named here. */
    public const MAY_KNOW = [
        'Document' => [],
        'Inference\\Model' => [],
        'Inference\\States' => ['Inference\\Model'],
        'Inference\\Echo' => ['Inference\\Model', 'Inference\\States'],
        'Inference\\Doubt' => ['Inference\\Model', 'Inference\\States', 'Inference\\Echo'],
        'Inference\\Readings' => ['Inference\\Model', 'Inference\\States', 'Inference\\Echo'],
        'Inference\\Wire' => ['Document', 'Inference\\Model', 'Inference\\Readings'],
        'Learning\\Numbers' => [],
        'Learning\\Agreement' => ['Learning\\Numbers'],
        'Learning\\Calibration' => ['Learning\\Numbers', 'Inference\\Model'],
        'Learning\\Own' => ['Learning\\Numbers', 'Inference\\Model', 'Inference\\States'],
        'Learning\\Wire' => [
            'Document', 'Inference\\Model', 'Learning\\Numbers', 'Learning\\Agreement', 'Learning\\Calibration', 'Learning\\Own',
        ],
        'Core\\Sentences' => [],
        'Core\\Knee' => ['Core\\Sentences'],
        'Core\\Catalogue' => ['Core\\Sentences', 'Core\\Knee'],
        'Core\\Examination' => ['Core\\Knee', 'Core\\Catalogue'],
        'Core\\Course' => ['Core\\Examination'],
        'Core\\Safety' => ['Core\\Sentences', 'Core\\Knee', 'Core\\Catalogue', 'Core\\Examination'],
        'Core\\Grading\\Values' => ['Core\\Sentences', 'Core\\Knee', 'Core\\Catalogue', 'Core\\Examination'],
        'Core\\Grading\\Schools' => ['Core\\Knee', 'Core\\Examination', 'Core\\Grading\\Values'],
        'Core\\Grading\\Judges' => [
            'Core\\Sentences', 'Core\\Knee', 'Core\\Catalogue', 'Core\\Examination', 'Core\\Safety',
            'Core\\Grading\\Values', 'Core\\Grading\\Schools',
        ],
        'Core\\Evidence' => ['Core\\Knee', 'Core\\Examination'],
        'Core\\Results' => [
            'Core\\Knee', 'Core\\Catalogue', 'Core\\Examination', 'Core\\Safety', 'Core\\Grading', 'Core\\Evidence',
        ],
        'Core\\Scales' => [
            'Core\\Knee', 'Core\\Catalogue', 'Core\\Examination', 'Core\\Grading', 'Core\\Evidence', 'Core\\Results',
            'Inference\\Model', 'Inference\\States', 'Inference\\Readings',
        ],
        'Core\\Verdict' => [
            'Core\\Sentences', 'Core\\Knee', 'Core\\Catalogue', 'Core\\Examination', 'Core\\Safety', 'Core\\Grading', 'Core\\Results',
            'Inference\\Model', 'Inference\\States', 'Inference\\Readings',
        ],
        'Core\\Route' => [
            'Core\\Sentences', 'Core\\Knee', 'Core\\Catalogue', 'Core\\Examination', 'Core\\Safety', 'Core\\Grading', 'Core\\Evidence',
            'Core\\Results', 'Core\\Scales', 'Core\\Verdict', 'Inference\\Readings',
        ],
        'Core\\Plan' => [
            'Core\\Sentences', 'Core\\Knee', 'Core\\Catalogue', 'Core\\Examination', 'Core\\Safety', 'Core\\Grading', 'Core\\Evidence',
            'Core\\Results', 'Core\\Verdict',
        ],
        'Core\\Words' => [
            'Core\\Sentences', 'Core\\Knee', 'Core\\Catalogue', 'Core\\Examination', 'Core\\Safety', 'Core\\Grading', 'Core\\Results',
            'Core\\Verdict', 'Core\\Plan', 'Inference\\Readings',
        ],
        'Core\\Assessed' => [
            'Core\\Evidence', 'Core\\Grading', 'Core\\Results', 'Core\\Verdict', 'Core\\Route', 'Core\\Plan', 'Core\\Words',
            'Inference\\Readings',
        ],
        'Core\\Wire' => [
            'Document', 'Core\\Assessed', 'Core\\Sentences', 'Core\\Knee', 'Core\\Catalogue', 'Core\\Examination', 'Core\\Safety',
            'Core\\Grading', 'Core\\Results',
            'Core\\Verdict', 'Core\\Route', 'Core\\Plan', 'Core\\Words', 'Inference\\Model', 'Inference\\Readings', 'Inference\\Wire',
        ],
        'Core\\Fhir' => ['Document', 'Core\\Knee', 'Core\\Catalogue', 'Core\\Plan', 'Core\\Wire'],
    ];
}
