<?php

declare(strict_types=1);

namespace App\Club\Doctors;

use App\Club\Models\Athlete;
use App\Club\Models\Doctor;
use Illuminate\Support\Collection;

/**
 * Who treats an athlete, and which entry of the team's book that is: by the words of the name, titles and case aside.
 * Where two would do, nobody is taken for the other.
 */
final readonly class TreatingDoctor
{
    private const TITLES = ['dr', 'doctor', 'prof', 'professor', 'mr', 'mrs', 'ms', 'miss', 'med'];

    /** As it stands with the athlete; empty where nobody is named. */
    public string $name;

    public function __construct(Athlete $athlete)
    {
        $named = $athlete->profile->doctor ?? '';
        $this->name = \is_string($named) ? trim($named) : '';
    }

    /**
     * @param  Collection<int, Doctor>  $book
     */
    public function in(Collection $book): ?Doctor
    {
        $meant = self::words($this->name);
        $same = $book->filter(static function (Doctor $doctor) use ($meant): bool {
            $words = self::words($doctor->content['name']);

            return $words !== [] && $meant !== []
                && (array_diff($words, $meant) === [] || array_diff($meant, $words) === []);
        });

        return $same->count() === 1 ? $same->first() : null;
    }

    /**
     * @return list<string>
     */
    private static function words(string $name): array
    {
        $words = preg_split('/[^\p{L}\p{M}]+/u', mb_strtolower($name), flags: PREG_SPLIT_NO_EMPTY);

        return array_values(array_diff($words === false ? [] : $words, self::TITLES));
    }
}
