<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use App\Clinic\Models\Examination;
use GrayCompass\Core\Wire\ExaminationReader;
use stdClass;

/**
 * What of the document of an examination does not stand in its sections and records: a device that has lost the server
 * judges what is entered together with it.
 *
 * @phpstan-type Parts array{format: string, version: int, baseline: stdClass|null, earlier: list<mixed>, known: list<mixed>, before: stdClass|null}
 */
final class Basis
{
    /**
     * @return Parts|null null for a signed examination, which nothing is entered on
     */
    public static function of(Examination $examination): ?array
    {
        return $examination->isSigned() ? null : self::ofDraft($examination);
    }

    /**
     * @return Parts
     */
    public static function ofDraft(Examination $examination): array
    {
        $document = Document::of($examination);
        $past = $document->past();

        return [
            'format' => ExaminationReader::FORMAT,
            'version' => ExaminationReader::VERSION,
            'baseline' => $document->baseline(),
            'earlier' => array_map(self::withoutNotes(...), $past['earlier'] ?? []),
            'known' => $past['known'] ?? [],
            'before' => self::before($examination)?->content(),
        ];
    }

    /** The last examination of the same episode: the route of a re-examination asks what it left open. */
    public static function before(Examination $examination): ?Document
    {
        $before = Examination::query()
            ->where('episode_id', $examination->episode_id)
            ->where('id', '!=', $examination->id)
            ->where('examined_at', '<=', $examination->examined_at)
            ->orderByDesc('examined_at')->orderByDesc('id')->first();

        return $before === null ? null : Document::of($before->load(['sections', 'records']));
    }

    /** Notes of earlier visits are not judged, and may be another examiner's. */
    private static function withoutNotes(mixed $visit): mixed
    {
        if (! $visit instanceof stdClass || ! is_array($visit->findings ?? null)) {
            return $visit;
        }
        $bare = clone $visit;
        /** @var list<stdClass> $findings */
        $findings = $visit->findings;
        $bare->findings = array_map(
            static fn (stdClass $finding): stdClass => (object) array_diff_key((array) $finding, ['note' => true]),
            $findings,
        );

        return $bare;
    }
}
