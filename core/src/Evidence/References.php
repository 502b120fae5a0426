<?php

declare(strict_types=1);

namespace GrayCompass\Core\Evidence;

use GrayCompass\Core\Examination\KnownBy;
use GrayCompass\Core\Knee\Condition;

/**
 * How well scans and looks inside the joint find each injury.
 *
 * @internal
 */
final readonly class References
{
    /** @var array<string, EvidenceRow> by finding on the scales */
    private array $rows;

    /**
     * @param  list<EvidenceRow>  $rows  one for each kind of look and condition
     */
    public function __construct(array $rows)
    {
        $byFinding = [];
        foreach ($rows as $row) {
            $byFinding["{$row->finding}:{$row->target->value}"] = $row;
        }
        $this->rows = $byFinding;
    }

    /** What a look is called on the scales, such as scan_mri:acl; null: it has no figures and is not weighed. */
    public function finding(KnownBy $by, Condition $condition): ?string
    {
        $finding = "{$by->finding()}:{$condition->value}";

        return isset($this->rows[$finding]) ? $finding : null;
    }

    public function row(string $finding): ?EvidenceRow
    {
        return $this->rows[$finding] ?? null;
    }
}
