<?php

declare(strict_types=1);

namespace App\Club\Athletes;

use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Date;
use Illuminate\Validation\Rules\In;

/** What may be said of an athlete, typed or in a list. */
final class AthleteRules
{
    public const TEXTS = [
        'sport', 'doctor', 'guardian', 'notes', 'alsoIn', 'coachToldBy', 'coachToldFrom', 'coachToldUntil',
    ];

    public const CHOICES = ['sex', 'leadingLeg'];

    public const NUMBERS = ['heightCm', 'massKg'];

    /** In years; working estimate: the oldest people reach it. */
    private const OLDEST = 110;

    /**
     * @return array<string, list<string|Date|In>>
     */
    public static function all(): array
    {
        $born = Rule::date()->todayOrBefore()->after(now()->subYears(self::OLDEST));
        $known = [...self::TEXTS, ...self::CHOICES, ...self::NUMBERS];
        $text = static fn (int $most): array => ['sometimes', 'nullable', 'string', "max:{$most}"];

        $day = ['bail', 'nullable', 'string', 'date_format:Y-m-d'];

        return [
            'name' => ['required', 'string', 'max:120'],
            'bornOn' => ['bail', 'required', 'string', 'date_format:Y-m-d', $born],
            'squad' => ['required', 'string', 'max:80'],
            'number' => $text(20),
            'profile' => ['sometimes', 'nullable', 'array:'.implode(',', $known)],
            'profile.sex' => ['sometimes', 'nullable', Rule::in(['female', 'male'])],
            'profile.leadingLeg' => ['sometimes', 'nullable', Rule::in(['left', 'right'])],
            'profile.heightCm' => ['sometimes', 'nullable', 'integer', 'between:80,250'],
            'profile.massKg' => ['sometimes', 'nullable', 'integer', 'between:15,250'],
            'profile.sport' => $text(80),
            'profile.doctor' => $text(200),
            'profile.guardian' => $text(200),
            'profile.notes' => $text(2000),
            'profile.alsoIn' => $text(200),
            'profile.coachToldBy' => [
                'nullable', 'string', 'max:120', 'required_with:profile.coachToldFrom,profile.coachToldUntil',
            ],
            'profile.coachToldFrom' => [...$day, 'required_with:profile.coachToldBy'],
            'profile.coachToldUntil' => [...$day, 'after_or_equal:profile.coachToldFrom'],
        ];
    }
}
