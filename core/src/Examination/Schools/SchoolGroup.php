<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination\Schools;

use OutOfBoundsException;

/**
 * The schools on one matter, the preset first.
 *
 * @internal
 */
final readonly class SchoolGroup
{
    /**
     * @param  string  $id  the key of the examination document
     * @param  string  $label  what is chosen
     * @param  non-empty-list<School>  $schools
     */
    public function __construct(public string $id, public string $label, public array $schools)
    {
    }

    /** The school of this id; the preset where none is named. */
    public function chosen(string $id): School
    {
        if ($id === '') {
            return $this->schools[0];
        }
        foreach ($this->schools as $school) {
            if ($school->id === $id) {
                return $school;
            }
        }

        throw new OutOfBoundsException("There is no school {$id} of {$this->id}.");
    }

    /**
     * @return non-empty-list<string>
     */
    public function ids(): array
    {
        return array_map(static fn (School $school): string => $school->id, $this->schools);
    }
}
