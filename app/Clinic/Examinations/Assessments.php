<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use App\Clinic\Models\Examination;
use App\Clinic\Models\Snapshot;
use GrayCompass\Core\Assessed\Assessment;
use GrayCompass\Core\Assessor;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Examination\RouteKind;
use GrayCompass\Core\Route\LastTime;
use GrayCompass\Core\Safety\Hold;
use GrayCompass\Core\Wire\AssessmentWriter;
use GrayCompass\Document\Refusal;
use GrayCompass\Inference\Wire\ProblemWriter;

/** What the core makes of a stored examination; for a signed one, what it made of it when it was signed. */
final class Assessments
{
    public function __construct(private readonly Assessor $assessor)
    {
    }

    /**
     * The assessment without the repeatable input, which only the weigh-up asks for.
     *
     * @return array<string, mixed>
     *
     * @throws Refusal
     */
    public function assessment(Examination $examination): array
    {
        $snapshot = self::snapshot($examination);

        return $snapshot === null
            ? self::written($this->assess(Document::of($examination), $examination))
            : AsSigned::read($snapshot->payload);
    }

    /**
     * The very input that the chances were weighed from; null for one signed before inputs were kept.
     *
     * @return array<string, mixed>|null
     *
     * @throws Refusal
     */
    public function problem(Examination $examination): ?array
    {
        $snapshot = self::snapshot($examination);

        return $snapshot === null
            ? ProblemWriter::write($this->assess(Document::of($examination), $examination)->weighed->problem)
            : $snapshot->problem;
    }

    /** @throws Refusal naming the first place of the document that cannot be accepted */
    public function assess(Document $document, Examination $examination): Assessment
    {
        $values = $this->assessor->read($document->content());

        return $this->assessor->assess(
            $values,
            $values->route->takes === RouteKind::OpenBefore ? $this->lastTime($examination) : null,
        );
    }

    /**
     * What stands against a manoeuvre in the examination as it is stored.
     *
     * @param  Assessment  $now  of the same examination with one finding changed: it names today's rules and figures
     */
    public function hold(Examination $examination, Manoeuvre $manoeuvre, Assessment $now): ?Hold
    {
        $known = KnownHolds::read($examination, KnownHolds::basis($now));

        return $known === null
            ? $this->assessor->holds($this->assessor->read(Document::of($examination)->content()))->for($manoeuvre->id)
            : $known[$manoeuvre->id] ?? null;
    }

    /**
     * @return array<string, mixed>
     */
    public static function written(Assessment $assessment): array
    {
        return array_diff_key(AssessmentWriter::write($assessment), ['weighing' => true]);
    }

    private static function snapshot(Examination $examination): ?Snapshot
    {
        return $examination->isSigned() ? Snapshot::query()->where('examination_id', $examination->id)->first() : null;
    }

    /** Only the route of a knee that is looked at again asks for the time before. */
    private function lastTime(Examination $examination): ?LastTime
    {
        $before = Basis::before($examination);

        return $before === null ? null : $this->assessor->lastTime($this->assessor->read($before->content()));
    }
}
