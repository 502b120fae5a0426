<?php

declare(strict_types=1);

namespace GrayCompass\Core\Catalogue;

use GrayCompass\Core\Knee\DifferenceBand;
use GrayCompass\Core\Knee\EndFeel;
use InvalidArgumentException;

/**
 * Reads the short notation of the `fields` column of data/manoeuvres.csv: entries parted by `;`, each
 * `name:bool`, `name:0..10`, `name:a|b`, `name:list of a|b`, `name:list of {…}`, or a bare name whose
 * type is the same everywhere. Words in brackets are a hint.
 *
 * @internal
 */
final class FieldNotation
{
    private const BOTH_LEGS = 'side both';

    /** Types of the names that may stand bare. */
    private const COMMON = [
        'pain' => '0..10',
        'painSite' => 'medial|lateral|elsewhere',
        'angleDeg' => '0..45',
    ];

    /**
     * @return list<Field>
     */
    public static function read(string $notation): array
    {
        $fields = [];
        foreach (self::parts($notation) as $part) {
            $field = self::field($part);
            if ($field !== null) {
                $fields[] = $field;
            }
        }

        return $fields;
    }

    private static function field(string $part): ?Field
    {
        preg_match('/^([^(]*)(?:\(([^)]*)\))?$/', $part, $match);
        $plain = trim($match[1] ?? $part);
        // That a manoeuvre is recorded for both legs at once is said of the whole, not of its last field.
        $hint = trim(str_replace(self::BOTH_LEGS, '', $match[2] ?? ''));
        if ($plain === '' || str_ends_with($plain, 'may be empty')) {
            return null;
        }
        [$name, $type] = array_map(trim(...), explode(':', $plain, 2)) + [1 => ''];
        if ($type === '') {
            $type = match ($name) {
                'endFeel', 'endFeelFast' => implode('|', array_column(EndFeel::cases(), 'value')),
                'differenceBand' => implode('|', array_column(DifferenceBand::cases(), 'value')),
                default => self::COMMON[$name] ?? throw new InvalidArgumentException("Field {$name} has no type."),
            };
        }

        return self::typed($name, $type, $hint);
    }

    private static function typed(string $name, string $type, string $hint): Field
    {
        if ($type === 'bool') {
            return new Field($name, FieldKind::Flag, hint: $hint);
        }
        if (preg_match('/^(-?\d+)\.\.(-?\d+)$/', $type, $ends)) {
            return new Field($name, FieldKind::Number, (float) $ends[1], (float) $ends[2], hint: $hint);
        }
        if (preg_match('/^list of \{(.*)\}$/', $type, $inner)) {
            return new Field($name, FieldKind::Cells, inner: self::read($inner[1]), hint: $hint);
        }
        $many = str_starts_with($type, 'list of ');
        $words = explode('|', $many ? substr($type, 8) : $type);

        return new Field($name, $many ? FieldKind::Words : FieldKind::Word, words: $words, hint: $hint);
    }

    /**
     * Entries parted by `;`, but not inside braces.
     *
     * @return list<string>
     */
    private static function parts(string $notation): array
    {
        $found = preg_match_all('/(?:[^;{]|\{[^}]*\})+/', $notation, $match);

        return $found ? array_map(trim(...), $match[0]) : [];
    }
}
