<?php

declare(strict_types=1);

namespace App\Club\Models;

use App\Access\Models\User;
use App\Club\Values\BlindIndex;
use App\Platform\Database\BootsByName;
use App\Platform\Database\TeamScope;
use App\Platform\Encryption\AthleteKeys;
use App\Platform\Encryption\Encrypted;
use App\Platform\Encryption\Encrypter;
use App\Platform\Encryption\HasEncryptedColumns;
use Carbon\CarbonImmutable;
use Database\Factories\AthleteFactory;
use GrayCompass\Core\Sentences\Language;
use Illuminate\Database\Eloquent\Attributes\Scope;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Database\Eloquent\Attributes\UseFactory;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use LogicException;
use stdClass;

/**
 * @property string $id
 * @property string $team_id
 * @property string $name encrypted at rest
 * @property string|null $number
 * @property string|null $number_order by which numbers stand in order
 * @property string $squad
 * @property CarbonImmutable $born_on encrypted at rest
 * @property string|null $born_hash by which those born on one day are found
 * @property stdClass|null $profile what else is known, see AthleteRequest; encrypted at rest
 * @property CarbonImmutable|null $erase_on when the clock will erase the record; null: not announced
 * @property CarbonImmutable|null $keep_until that someone asked to keep it all the same
 * @property string $data_key under which all that is known of them is encrypted; itself encrypted with the master key
 */
#[ScopedBy(TeamScope::class)]
#[UseFactory(AthleteFactory::class)]
final class Athlete extends Model implements HasEncryptedColumns
{
    use BootsByName;

    /** @use HasFactory<AthleteFactory> */
    use HasFactory;

    use HasUlids;
    use SoftDeletes;

    /** To which each run of digits is filled up where numbers are put in order; longer ones stand as they are. */
    private const DIGITS = 10;

    private const RUNS = 'athlete_runs';

    protected $hidden = ['data_key', 'born_hash', 'number_order'];

    protected $table = 'athletes';

    protected $fillable = ['id', 'team_id', 'name', 'number', 'squad', 'born_on', 'profile'];

    protected $casts = [
        'name' => Encrypted::class, 'born_on' => Encrypted::class.':date', 'profile' => Encrypted::class.':object',
        'erase_on' => 'date', 'keep_until' => 'date',
    ];

    protected static function booted(): void
    {
        self::saving(static function (self $athlete): void {
            if ($athlete->isDirty('born_on')) {
                $athlete->born_hash = self::bornHash($athlete->team_id, $athlete->born_on);
            }
            $athlete->number_order = $athlete->number === null ? null : self::inOrder($athlete->number);
        });
        self::saved(static fn (self $athlete) => $athlete->index());
    }

    /** Makes the athlete known to the search, by what is said of them now. */
    public function index(): void
    {
        DB::table(self::RUNS)->where('athlete_id', $this->id)->delete();
        DB::table(self::RUNS)->insert(array_map(
            fn (string $run): array => ['athlete_id' => $this->id, 'run' => $run],
            BlindIndex::entries($this->team_id, $this->spoken()),
        ));
    }

    /**
     * Those with this in name, number or squad; everybody where nothing is looked for.
     *
     * @param  Builder<self>  $athletes
     */
    #[Scope]
    protected function called(Builder $athletes, string $search): void
    {
        $user = Auth::user();
        $sought = $user instanceof User ? BlindIndex::sought($user->teamId(), $search) : [];
        if ($sought !== []) {
            $athletes->whereIn('id', DB::table(self::RUNS)
                ->select('athlete_id')
                ->whereIn('run', $sought)
                ->groupBy('athlete_id')
                ->havingRaw('count(*) = ?', [\count($sought)]));
        }
    }

    public function basis(array $attributes): array
    {
        $id = is_string($attributes['id'] ?? null) ? $attributes['id'] : $this->newUniqueId();

        return ['id' => $id, 'data_key' => $attributes['data_key'] ?? app(AthleteKeys::class)->make($id)];
    }

    public function encrypter(array $attributes): Encrypter
    {
        [$id, $key] = [$attributes['id'] ?? null, $attributes['data_key'] ?? null];

        return is_string($id) && is_string($key)
            ? app(AthleteKeys::class)->from($id, $key)
            : throw new LogicException('An athlete was read without their data key.');
    }

    /** A hash of a birth date, keyed by the team: the same day has the same one. */
    public static function bornHash(string $team, CarbonImmutable $born): string
    {
        return BlindIndex::hash($team, 'born '.$born->toDateString());
    }

    /** A number such that 2 stands before 10, and F2 before F10. */
    public static function inOrder(string $number): string
    {
        return (string) preg_replace_callback(
            '/\d+/', static fn (array $digits): string => str_pad($digits[0], self::DIGITS, '0', STR_PAD_LEFT), $number,
        );
    }

    /** In whole years on a day: by the calendar, whatever the hour. */
    public function age(CarbonImmutable $on): int
    {
        $born = $this->born_on;

        return $on->year - $born->year - (int) ($on->format('md') < $born->format('md'));
    }

    /** All that one may look for. */
    public function spoken(): string
    {
        return trim("{$this->name} {$this->number} {$this->squad} ".implode(' ', $this->alsoIn()));
    }

    /**
     * Squads beside the first one.
     *
     * @return list<string>
     */
    public function alsoIn(): array
    {
        return array_values(array_filter(array_map(trim(...), explode(',', $this->profileText('alsoIn')))));
    }

    /**
     * Whether the coach may be told on a day, by what was agreed for a time; null: nothing was, and each examination
     * asks for itself.
     */
    public function coachMayKnow(CarbonImmutable $on): ?bool
    {
        if ($this->profileText('coachToldBy') === '') {
            return null;
        }
        $until = $this->profileText('coachToldUntil');

        return $this->profileText('coachToldFrom') <= $on->toDateString() && ($until === '' || $until >= $on->toDateString());
    }

    /** What they read; English where nobody said. */
    public function language(): Language
    {
        return Language::tryFrom($this->profileText('language')) ?? Language::English;
    }

    private function profileText(string $fact): string
    {
        $value = $this->profile->{$fact} ?? '';

        return \is_string($value) ? $value : '';
    }
}
