<?php

declare(strict_types=1);

namespace GrayCompass\Core\Fhir;

/**
 * How an examination document is divided among Observations.
 *
 * @internal
 */
final class ExaminationParts
{
    /** The Observation of what stands at the top of the document: setting, hurt side, route and the like. */
    public const WHOLE = 'examination';

    /** The Observations of the cells of one record. */
    public const CELLS = 'cells';

    /** The Observation of how the figures of one record were measured. */
    public const BY = 'by';

    /** The Observation of the age at the examination. */
    public const AGE = 'age';

    /** Keys whose lists hold objects: each is an Observation of its own. */
    public const LISTS = ['findings', 'earlierFinding', 'pulseChecks', 'earlier', 'known', 'pulls', self::CELLS];

    /** Keys of the document that say nothing of this examination. */
    public const FIXED = ['format', 'version'];

    /** Keys that have a resource of their own where their value fits there. */
    public const ELSEWHERE = ['id', 'athlete', 'examiner', 'examinedAt', 'ageYears'];
}
