<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use OutOfBoundsException;

/**
 * How soon another person must see a finding that fades: windows end by what is found, and the same finding a day later
 * never loses more than one step.
 *
 * @internal
 */
final readonly class UrgencySteps
{
    /**
     * @param  array<string, list<array{int|null, Urgency}>>  $steps  last day and urgency, by finding, in order
     */
    private function __construct(private array $steps)
    {
    }

    /**
     * @param  array<string, list<array{int|null, string}>>  $data  as data/urgency.json has it
     */
    public static function read(array $data): self
    {
        return new self(array_map(
            static fn (array $row): array => array_map(
                static fn (array $step): array => [$step[0], Urgency::from($step[1])],
                $row,
            ),
            $data,
        ));
    }

    /**
     * Null: nobody needs to see it any more.
     *
     * @param  int  $day  since the injury; weeks where the finding counts by weeks
     *
     * @throws OutOfBoundsException when the file has no steps for the finding
     */
    public function on(FadingFinding $finding, int $day): ?Urgency
    {
        $row = $this->steps[$finding->value] ?? throw new OutOfBoundsException("{$finding->value} has no steps.");
        foreach ($row as [$until, $urgency]) {
            if ($until === null || $day <= $until) {
                return $urgency;
            }
        }

        return null;
    }
}
