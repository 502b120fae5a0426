<?php

declare(strict_types=1);

namespace App\Club\Athletes;

use App\Club\Values\AthleteShape;
use App\Platform\Wire\SchemaRules;
use Illuminate\Validation\Rule;

/** What may be said of an athlete, typed or in a list. */
final class AthleteRules
{
    public const TEXTS = [
        'sport', 'doctor', 'guardian', 'notes', 'alsoIn', 'coachToldBy', 'coachToldFrom', 'coachToldUntil',
    ];

    public const CHOICES = ['sex', 'leadingLeg', 'language'];

    public const NUMBERS = ['heightCm', 'massKg'];

    /** In years; working estimate: the oldest people reach it. */
    private const OLDEST = 110;

    /**
     * @return array<string, list<mixed>>
     */
    public static function all(): array
    {
        return SchemaRules::with(SchemaRules::of(AthleteShape::facts()->schema()), self::beyondShape());
    }

    /**
     * @return array<string, list<mixed>> what no shape can say
     */
    public static function beyondShape(): array
    {
        return [
            'bornOn' => [Rule::date()->todayOrBefore()->after(now()->subYears(self::OLDEST))],
            'profile.coachToldBy' => ['required_with:profile.coachToldFrom,profile.coachToldUntil'],
            'profile.coachToldFrom' => ['required_with:profile.coachToldBy'],
            'profile.coachToldUntil' => ['after_or_equal:profile.coachToldFrom'],
        ];
    }
}
