<?php

declare(strict_types=1);

namespace App\Trust\Audit;

use Illuminate\Support\Facades\Lang;

/** The detail of an audit entry in words. */
final readonly class DetailText
{
    /** For `data:verify`, and nothing to read. */
    private const HIDDEN = ['digest', 'document', 'facts', 'outcome', 'addendum', 'task'];

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
                \is_bool($value) => self::word($key).' '.($value ? __('trust.detail.answered') : __('trust.detail.not_answered')),
                default => self::word($key).' '.(\is_string($value) ? self::word($value) : $value),
            };
        }

        return implode(', ', $parts);
    }

    /** A code as people say it: its own word where it has one, else without its underscores. */
    private static function word(string $code): string
    {
        $key = "trust.codes.{$code}";

        return match (true) {
            preg_match('/^[a-z_]+$/', $code) !== 1 => $code,
            Lang::has($key) => __($key),
            default => str_replace('_', ' ', $code),
        };
    }
}
