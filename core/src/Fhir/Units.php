<?php

declare(strict_types=1);

namespace GrayCompass\Core\Fhir;

/** The units of what is recorded, in the codes of UCUM, and what may come in instead of them. */
final class Units
{
    /** By the unit as it stands in the catalogue. */
    private const UCUM = ['' => '1', '°' => 'deg', '/10' => '{score}', '/5' => '{grade}'];

    /** What stands outside the catalogue. */
    private const OF_ITEMS = [
        'ageYears' => 'a',
        'daysSinceInjury' => 'd',
        'daysAgo' => 'd',
        'fluidDrawnDaysAgo' => 'd',
        'hoursSinceInjury' => 'h',
        'timeLimitMin' => 'min',
        'weeksAgo' => 'wk',
        'injectionWeeksAgo' => 'wk',
        'at67N' => 'mm',
        'at89N' => 'mm',
        'at134N' => 'mm',
        'peakN' => 'N',
        'meanN' => 'N',
        'leverM' => 'm',
        'massKg' => 'kg',
        'painNow' => '{score}',
        'painActivity' => '{score}',
    ];

    /** In millimetres. */
    private const LENGTHS = ['mm' => 1.0, 'cm' => 10.0, '[in_i]' => 25.4, 'in' => 25.4];

    /** In degrees. */
    private const ANGLES = ['deg' => 1.0, 'rad' => 180.0 / M_PI, '°' => 1.0];

    /** Enough for a hundredth of what any instrument shows, and too little for the noise of a conversion. */
    private const DECIMALS = 9;

    /** @param  string  $unit  as the catalogue writes it; empty: none */
    public static function ofField(string $unit): string
    {
        return self::UCUM[$unit] ?? $unit;
    }

    /** `1` where a number has no unit. */
    public static function ofItem(string $key): string
    {
        return self::OF_ITEMS[$key] ?? '1';
    }

    /** As it stands beside a number on paper. */
    public static function written(string $ucum): string
    {
        return ['1' => '', 'deg' => '°', '{score}' => 'of 10', '{grade}' => 'of 5', 'a' => 'years', 'd' => 'days',
            'h' => 'hours', 'wk' => 'weeks'][$ucum] ?? $ucum;
    }

    /** The number in the wanted unit; null where the unit given cannot be converted. */
    public static function convert(int|float $value, string $given, string $wanted): int|float|null
    {
        if ($given === $wanted) {
            return $value;
        }
        foreach ([self::LENGTHS, self::ANGLES] as $table) {
            if (isset($table[$given], $table[$wanted])) {
                return $table[$given] === $table[$wanted]
                    ? $value
                    : round($value * $table[$given] / $table[$wanted], self::DECIMALS);
            }
        }

        return null;
    }
}
