<?php

declare(strict_types=1);

namespace App\Trust\Audit;

/** What else a deed says, as whoever leads a team reads it. */
final readonly class DetailText
{
    /** For `records:verify`, and nothing to read. */
    private const UNTOLD = ['digest', 'document', 'facts', 'outcome', 'addendum'];

    public function __construct(private NamesParts $parts)
    {
    }

    /**
     * @param  array<string, string|int|bool>  $detail
     */
    public function of(array $detail): string
    {
        $said = [];
        foreach (array_diff_key($detail, array_flip(self::UNTOLD)) as $key => $value) {
            $said[] = match (true) {
                $key === 'part' && \is_string($value) => $this->parts->name($value),
                \is_bool($value) => "{$key} ".($value ? 'answered' : 'not answered'),
                default => "{$key} {$value}",
            };
        }

        return implode(', ', $said);
    }
}
