<?php

declare(strict_types=1);

namespace App\Access\Values;

use GrayCompass\Core\Knee\Setting;
use GrayCompass\Core\Sentences\Language;
use Illuminate\Contracts\Database\Eloquent\Castable;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/** What a team sets for itself; what it does not set is as shipped. */
final readonly class TeamSettings implements Castable
{
    /**
     * @param  string  $letterHead  lines above its letters; empty: its name
     * @param  bool  $sharesPages  whether athletes may be given a page that opens without log-in
     * @param  int<1, 40>|null  $keepsYears  after the last visit, and not before the age of 18 plus as many; null: the
     *                                       clock erases nothing
     * @param  array<string, string>  $schools  by kind, with which examinations begin; what is missing stands for
     *                                          its preset
     * @param  list<Season>  $seasons  one a squad
     * @param  string  $timeZone  in which its days begin, of the IANA database
     * @param  DateOrder  $dateOrder  in which dates are shown and typed
     * @param  list<Language>  $reviewed  languages whose translations a clinician who speaks them has reviewed
     * @param  Setting|null  $setting  with which examinations begin off the touchline; null: by days and age
     */
    public function __construct(
        public string $letterHead = '',
        public bool $sharesPages = false,
        public ?int $keepsYears = null,
        public array $schools = [],
        public ?Setting $setting = null,
        public array $seasons = [],
        public string $timeZone = 'UTC',
        public DateOrder $dateOrder = DateOrder::DayFirst,
        public array $reviewed = [],
    ) {
    }

    /**
     * @return array<string, mixed>
     */
    public function content(): array
    {
        return [
            'letterHead' => $this->letterHead,
            'sharesPages' => $this->sharesPages,
            'keepsYears' => $this->keepsYears,
            'schools' => (object) $this->schools,
            'setting' => $this->setting?->value,
            'timeZone' => $this->timeZone,
            'dateOrder' => $this->dateOrder->value,
            'reviewedLanguages' => array_column($this->reviewed, 'value'),
            'seasons' => array_map(static fn (Season $one): array => $one->content(), $this->seasons),
        ];
    }

    /**
     * @param  array<array-key, mixed>  $content
     */
    public static function from(array $content): self
    {
        $years = $content['keepsYears'] ?? null;
        $setting = $content['setting'] ?? null;

        $schools = [];
        foreach ((array) ($content['schools'] ?? []) as $kind => $school) {
            if (\is_string($kind) && \is_string($school)) {
                $schools[$kind] = $school;
            }
        }

        return new self(
            \is_string($content['letterHead'] ?? null) ? $content['letterHead'] : '',
            ($content['sharesPages'] ?? false) === true,
            \is_int($years) ? max(1, min(40, $years)) : null,
            $schools,
            \is_string($setting) ? Setting::tryFrom($setting) : null,
            array_values(array_filter(array_map(
                static fn (mixed $one): ?Season => \is_array($one) ? Season::of($one) : null,
                (array) ($content['seasons'] ?? []),
            ))),
            self::zone($content['timeZone'] ?? null),
            DateOrder::tryFrom(\is_string($content['dateOrder'] ?? null) ? $content['dateOrder'] : '') ?? DateOrder::DayFirst,
            array_values(array_filter(array_map(
                static fn (mixed $one): ?Language => \is_string($one) ? Language::tryFrom($one) : null,
                (array) ($content['reviewedLanguages'] ?? []),
            ))),
        );
    }

    /** Whether what an athlete reads in this language needs no caution about its translation. */
    public function isReviewed(Language $language): bool
    {
        return $language->isOriginal() || \in_array($language, $this->reviewed, true);
    }

    /** One that the machine knows; UTC otherwise. */
    private static function zone(mixed $zone): string
    {
        return \is_string($zone) && \in_array($zone, timezone_identifiers_list(), true) ? $zone : 'UTC';
    }

    /**
     * @param  array<array-key, mixed>  $arguments
     * @return CastsAttributes<self, self>
     */
    public static function castUsing(array $arguments): CastsAttributes
    {
        return new class implements CastsAttributes
        {
            public function get(Model $model, string $key, mixed $value, array $attributes): TeamSettings
            {
                $content = \is_string($value) ? json_decode($value, true) : null;

                return TeamSettings::from(\is_array($content) ? $content : []);
            }

            public function set(Model $model, string $key, mixed $value, array $attributes): ?string
            {
                return $value instanceof TeamSettings ? json_encode($value->content(), JSON_THROW_ON_ERROR) : null;
            }
        };
    }
}
