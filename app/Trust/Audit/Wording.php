<?php

declare(strict_types=1);

namespace App\Trust\Audit;

use App\Clinic\Examinations\SectionName;
use GrayCompass\Core\Figures;

/** What else a deed says, as whoever leads a team reads it. */
final readonly class Wording
{
    /** For `records:verify`, and nothing to read. */
    private const UNTOLD = ['digest', 'document', 'facts', 'outcome', 'addendum'];

    public function __construct(private Figures $figures)
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
                $key === 'part' && \is_string($value) => $this->part($value),
                \is_bool($value) => "{$key} ".($value ? 'answered' : 'not answered'),
                default => "{$key} {$value}",
            };
        }

        return implode(', ', $said);
    }

    /** A part of an examination by its name; by its code where the catalogue does not know it any more. */
    private function part(string $code): string
    {
        [$name, $side] = [...explode(':', $code, 2), ''];
        $catalogue = $this->figures->catalogue();

        return match ($side) {
            '' => SectionName::tryFrom($name)?->label() ?? $name,
            default => ($catalogue->has($name) ? $catalogue->get($name)->card->name : $name).", {$side}",
        };
    }
}
