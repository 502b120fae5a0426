<?php

declare(strict_types=1);

namespace GrayCompass\Core\Fhir;

use DateTimeImmutable;
use GrayCompass\Document\Refusal;
use stdClass;

/**
 * Takes a bundle with many examinations and reference results apart, each with its own resources; one that cannot be
 * read does not keep the others from being read.
 *
 * @internal
 */
final readonly class RecordReader
{
    public function __construct(private BundleReader $examinations, private ReferenceReader $references)
    {
    }

    /**
     * @param  mixed  $bundle  decoded JSON, objects as objects
     * @param  DateTimeImmutable  $today  nothing in the bundle may have happened later
     *
     * @throws Refusal where the bundle as a whole is none
     */
    public function read(mixed $bundle, DateTimeImmutable $today): ReadRecord
    {
        $found = BundleChecks::of($bundle, $today);
        $byName = self::byName($found);
        $looks = array_values(array_filter($found, $this->references->isLook(...)));
        $entries = [];
        $taken = [];
        foreach ($looks as $look) {
            $observations = self::observationsOf($look, $found, $byName);
            foreach ([$look, ...$observations] as $one) {
                $taken[$one->path] = true;
            }
            $entries[] = $this->look($look, $observations, self::subject($look, $byName));
        }
        $rest = array_values(array_filter($found, static fn (Found $one): bool => ! isset($taken[$one->path])));
        [$examinations, $unknown] = $this->examinations($rest, $byName);

        return new ReadRecord([...$examinations, ...$entries], $unknown);
    }

    /**
     * @param  list<Found>  $found
     * @param  array<string, Found>  $byName
     * @return array{list<ReadEntry>, list<string>} with paths of what belongs to none of them
     */
    private function examinations(array $found, array $byName): array
    {
        $encounters = array_values(array_filter($found, static fn (Found $one): bool => $one->type() === 'Encounter'));
        $observations = array_values(array_filter($found, static fn (Found $one): bool => $one->type() === 'Observation'));
        if ($observations === [] && $encounters === []) {
            return [[], []];
        }
        if (\count($encounters) < 2) {
            return [[$this->examination($encounters[0]->path ?? '', $found)], []];
        }
        $groups = $unknown = [];
        foreach ($observations as $one) {
            $of = $byName[$one->given->inner('encounter')->text('reference')] ?? null;
            $of === null ? $unknown[] = $one->path : $groups[$of->path][] = $one;
        }
        $entries = [];
        foreach ($encounters as $encounter) {
            $entries[] = $this->examination($encounter->path, [
                $encounter, ...self::people($encounter, $byName), ...$groups[$encounter->path] ?? [],
            ]);
        }

        return [$entries, $unknown];
    }

    /** @param  list<Found>  $found */
    private function examination(string $path, array $found): ReadEntry
    {
        try {
            return ReadEntry::examination($path, $this->examinations->examination($found));
        } catch (Refusal $refusal) {
            $patients = array_values(array_filter($found, static fn (Found $one): bool => $one->type() === 'Patient'));

            return ReadEntry::refused($path, \count($patients) === 1 ? $patients[0]->resource : null, $refusal);
        }
    }

    /** @param  list<Found>  $observations */
    private function look(Found $look, array $observations, ?stdClass $patient): ReadEntry
    {
        try {
            return ReadEntry::reference($look->path, $patient, $this->references->read($look, $observations));
        } catch (Refusal $refusal) {
            return ReadEntry::refused($look->path, $patient, $refusal);
        }
    }

    /**
     * @param  list<Found>  $found
     * @param  array<string, Found>  $byName
     * @return list<Found>
     */
    private static function observationsOf(Found $look, array $found, array $byName): array
    {
        $observations = [];
        foreach ($look->given->items('result') as $reference) {
            $one = $byName[$reference->text('reference')] ?? null;
            $one?->type() === 'Observation' && $observations[$one->path] = $one;
        }
        foreach ($found as $one) {
            foreach ($one->type() === 'Observation' ? $one->given->items('partOf') : [] as $reference) {
                ($byName[$reference->text('reference')] ?? null)?->path === $look->path && $observations[$one->path] = $one;
            }
        }

        return array_values($observations);
    }

    /**
     * @param  array<string, Found>  $byName
     * @return list<Found> whom the encounter was with, and who examined
     */
    private static function people(Found $encounter, array $byName): array
    {
        $people = [$byName[$encounter->given->inner('subject')->text('reference')] ?? null];
        foreach ($encounter->given->items('participant') as $participant) {
            $people[] = $byName[$participant->inner('individual')->text('reference')] ?? null;
        }

        return array_values(array_filter($people));
    }

    /** @param  array<string, Found>  $byName */
    private static function subject(Found $found, array $byName): ?stdClass
    {
        $subject = $byName[$found->given->inner('subject')->text('reference')] ?? null;

        return $subject?->type() === 'Patient' ? $subject->resource : null;
    }

    /**
     * @param  list<Found>  $found
     * @return array<string, Found> by all that a reference may say
     */
    private static function byName(array $found): array
    {
        $byName = [];
        foreach ($found as $one) {
            $byName += [$one->fullUrl => $one, "{$one->type()}/{$one->given->text('id')}" => $one];
        }

        return $byName;
    }
}
