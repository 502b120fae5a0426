<?php

declare(strict_types=1);

namespace App\Club\Http\Requests;

use App\Club\Values\AthleteFacts;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Date;
use Illuminate\Validation\Rules\In;

/** What is said of an athlete. */
final class AthleteRequest extends FormRequest
{
    private const OLDEST = 110;

    private const TEXTS = [
        'sport', 'doctor', 'guardian', 'notes', 'alsoIn', 'coachToldBy', 'coachToldFrom', 'coachToldUntil',
    ];

    private const CHOICES = ['sex', 'leadingLeg'];

    private const NUMBERS = ['heightCm', 'massKg'];

    /**
     * @return array<string, list<string|Date|In>>
     */
    public function rules(): array
    {
        return [...self::factRules(), 'isAnother' => ['sometimes', 'boolean']];
    }

    /**
     * Of an athlete, however they come in.
     *
     * @return array<string, list<string|Date|In>>
     */
    public static function factRules(): array
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

    public function facts(): AthleteFacts
    {
        return new AthleteFacts(
            $this->string('name')->squish()->toString(),
            CarbonImmutable::parse($this->string('bornOn')->toString()),
            $this->string('squad')->squish()->toString(),
            $this->filled('number') ? $this->string('number')->squish()->toString() : null,
            $this->profile(),
        );
    }

    /** Somebody looked at those much like them: it is another athlete. */
    public function isAnother(): bool
    {
        return $this->boolean('isAnother');
    }

    /**
     * @return array<string, string|int> only what is said
     */
    private function profile(): array
    {
        $profile = [];
        foreach ([...self::TEXTS, ...self::CHOICES] as $name) {
            if ($this->filled("profile.{$name}")) {
                $profile[$name] = $this->string("profile.{$name}")->trim()->toString();
            }
        }
        foreach (self::NUMBERS as $name) {
            if ($this->filled("profile.{$name}")) {
                $profile[$name] = $this->integer("profile.{$name}");
            }
        }

        return $profile;
    }
}
