<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination\Schools;

use GrayCompass\Core\Examination\Facts\ConditionReader;

/**
 * All schools, by matter.
 *
 * @internal
 *
 * @phpstan-type SchoolData array{
 *     id: string, label: string, judgedBy?: string, bandsMm?: array<string, int|float>, source?: string,
 *     offered?: bool,
 *     millilitres?: list<array{when: array<string, mixed>, from: int|float, to?: int|float}>
 * }
 * @phpstan-type Groups array{
 *     laxity: SchoolGroup, collateral: SchoolGroup, effusion: SchoolGroup, mcmurraySide: SchoolGroup,
 *     evidence: SchoolGroup
 * }
 */
final readonly class SchoolBook
{
    public function __construct(
        public SchoolGroup $laxity,
        public SchoolGroup $collateral,
        public SchoolGroup $effusion,
        public SchoolGroup $mcmurraySide,
        public SchoolGroup $evidence,
    ) {
    }

    /**
     * @param  array<string, array{label: string, schools: non-empty-list<SchoolData>}>  $data
     */
    public static function read(array $data): self
    {
        $group = static fn (string $id): SchoolGroup => new SchoolGroup(
            $id,
            $data[$id]['label'],
            array_map(self::school(...), $data[$id]['schools']),
        );

        return new self(
            $group('laxity'),
            $group('collateral'),
            $group('effusion'),
            $group('mcmurraySide'),
            $group('evidence'),
        );
    }

    /**
     * @return list<SchoolGroup>
     */
    public function groups(): array
    {
        return [$this->laxity, $this->collateral, $this->effusion, $this->mcmurraySide, $this->evidence];
    }

    /**
     * @param  callable(string): string  $named  the id chosen on a matter; empty for the preset
     */
    public function chosen(callable $named): Schools
    {
        $school = static fn (SchoolGroup $group): School => $group->chosen($named($group->id));

        return new Schools(
            $this,
            $school($this->laxity),
            $school($this->collateral),
            $school($this->effusion),
            $school($this->mcmurraySide),
            $school($this->evidence),
        );
    }

    /**
     * @param  SchoolData  $data
     */
    private static function school(array $data): School
    {
        return new School(
            $data['id'],
            $data['label'],
            $data['judgedBy'] ?? '',
            array_map(floatval(...), $data['bandsMm'] ?? []),
            array_map(static fn (array $range): FluidRange => new FluidRange(
                ConditionReader::read($range['when']),
                (float) $range['from'],
                isset($range['to']) ? (float) $range['to'] : null,
            ), $data['millilitres'] ?? []),
            $data['source'] ?? '',
            $data['offered'] ?? true,
        );
    }
}
