<?php

declare(strict_types=1);

namespace App\Exchange\Incoming;

use App\Club\Athletes\Likeness;
use App\Club\Models\Athlete;
use GrayCompass\Document\Refusal;
use Illuminate\Database\Eloquent\Builder;

/**
 * Finds the athlete whom a file means. One thing is not enough: an id or a number needs a name or a birth date that
 * agrees wherever the file tells one, and a name needs the birth date.
 */
final class Whose
{
    /** @var array<string, Athlete|Refusal|null> by what the file says */
    private array $found = [];

    public function __construct(private readonly string $team)
    {
    }

    /**
     * @return Athlete|null null: nobody in the lists
     *
     * @throws Refusal where another athlete has this number or id, or several may be meant
     */
    public function of(Person $person): ?Athlete
    {
        $key = $person->key();
        if (! \array_key_exists($key, $this->found)) {
            try {
                $this->found[$key] = $this->find($person);
            } catch (Refusal $refusal) {
                $this->found[$key] = $refusal;
            }
        }
        $found = $this->found[$key];

        return $found instanceof Refusal ? throw $found : $found;
    }

    /** Whether nothing that the file says of the person is otherwise here. */
    public static function fits(Athlete $athlete, Person $person): bool
    {
        return ($person->bornOn === null || $person->bornOn->isSameDay($athlete->born_on))
            && ($person->name === '' || $person->bornOn !== null || Likeness::alike($athlete->name, $person->name));
    }

    private function find(Person $person): ?Athlete
    {
        $athlete = $this->byId($person) ?? $this->byNumber($person) ?? $this->byName($person);
        if ($athlete?->trashed() === true) {
            throw Refusal::at('athlete', __('exchange.whose.archived', ['name' => $athlete->name]));
        }

        return $athlete;
    }

    private function byId(Person $person): ?Athlete
    {
        $athlete = $person->id === null ? null : $this->athletes()->find(strtolower($person->id));

        return $athlete === null || self::fits($athlete, $person) ? $athlete
            : throw Refusal::at('athlete', __('exchange.whose.other_by_id', ['name' => $athlete->name]));
    }

    private function byNumber(Person $person): ?Athlete
    {
        $athlete = $person->number === null ? null : $this->athletes()->firstWhere('number', $person->number);

        return $athlete === null || self::fits($athlete, $person) ? $athlete : throw Refusal::at(
            'athlete', __('exchange.whose.other_by_number', ['name' => $athlete->name, 'number' => $person->number]),
        );
    }

    private function byName(Person $person): ?Athlete
    {
        if ($person->bornOn === null || $person->name === '') {
            return null;
        }
        $sameDay = $this->athletes()->where('born_hash', Athlete::bornHash($this->team, $person->bornOn))->get();
        $same = $sameDay->filter(static fn (Athlete $one): bool => Likeness::same($one->name, $person->name));
        $alike = $sameDay->first(static fn (Athlete $one): bool => Likeness::alike($one->name, $person->name));

        return match (true) {
            $same->count() > 1 => throw Refusal::at('athlete', __('exchange.whose.several')),
            $same->isEmpty() && $alike !== null => throw Refusal::at('athlete', __('exchange.whose.alike', ['name' => $alike->name])),
            default => $same->first(),
        };
    }

    /** @return Builder<Athlete> */
    private function athletes(): Builder
    {
        return Athlete::withTrashed()->where('team_id', $this->team);
    }
}
