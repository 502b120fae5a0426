<?php

declare(strict_types=1);

namespace App\Trust\Audit;

/** The detail of an audit entry in words. */
final readonly class DetailText
{
    /** For `data:verify`, and nothing to read. */
    private const HIDDEN = ['digest', 'document', 'facts', 'outcome', 'addendum'];

    public function __construct(private NamesParts $parts)
    {
    }

    /**
     * @param  array<string, string|int|bool>  $detail
     */
    public function of(array $detail): string
    {
        $parts = [];
        foreach (array_diff_key($detail, array_flip(self::HIDDEN)) as $key => $value) {
            $parts[] = match (true) {
                $key === 'part' && \is_string($value) => $this->parts->name($value),
                \is_bool($value) => "{$key} ".($value ? 'answered' : 'not answered'),
                default => "{$key} {$value}",
            };
        }

        return implode(', ', $parts);
    }
}
