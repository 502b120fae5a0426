<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Access\Accounts\Demo;
use App\Access\Models\Membership;
use App\Access\Models\Team;
use App\Access\Models\User;
use App\Access\Values\Role;
use App\Access\Values\Season;
use App\Access\Values\TeamSettings;
use App\Clinic\Examinations\Recorder;
use App\Clinic\Examinations\SaveRequest;
use App\Clinic\Examinations\Signer;
use App\Clinic\Examinations\Start;
use App\Clinic\Examinations\Starter;
use App\Clinic\Models\Examination;
use App\Clinic\Values\SectionName;
use App\Club\Models\Athlete;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Knee\Setting;
use GrayCompass\Core\Knee\Side;
use GrayCompass\Core\Sentences\Language;
use GrayCompass\Document\Json;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Str;
use LogicException;
use stdClass;

/** The made-up Fenmoor Indoor Sports Club: four squads, thirty athletes, a season behind them, and some knees that are sore today. */
final class DemoSeeder extends Seeder
{
    public const EMAIL = Demo::EMAIL;

    public const PASSWORD = Demo::PASSWORD;

    private const ATHLETES = [
        ['Mirre Aldous', 'H07', 'Handball', 22],
        ['Tove Brandreth', 'H11', 'Handball', 19],
        ['Oskar Penhale', 'H23', 'Handball', 27],
        ['Ines Carrowmore', 'J02', 'Judo', 24],
        ['Bram Okafor-Lund', 'J05', 'Judo', 31],
        ['Sana Withernsea', 'J09', 'Judo', 16],
        ['Lior Haverstock', 'T03', 'Trampoline', 15],
        ['Wynn Tarbuck', 'T04', 'Trampoline', 18],
        ['Edda Sollund', 'T08', 'Trampoline', 21],
        ['Callum Rigg-Mayne', 'F01', 'Fell running', 46],
        ['Petra Vaughn-Idle', 'F06', 'Fell running', 34],
        ['Jonah Skelwith', 'F12', 'Fell running', 29],
    ];

    /** Who reads their page in another language than English. */
    private const LANGUAGES = ['T08' => Language::German, 'J02' => Language::Spanish, 'H23' => Language::French];

    public function __construct(
        private readonly Starter $starter,
        private readonly Recorder $recorder,
        private readonly Signer $signer,
        private readonly Figures $data,
        private readonly SeasonSeeder $season,
    ) {
    }

    public function run(): void
    {
        $today = Date::today();
        $team = Team::query()->create([
            'name' => 'Fenmoor Indoor Sports Club',
            'settings' => new TeamSettings(timeZone: 'Europe/London', seasons: [
                new Season('Handball', $today->subMonths(3)->startOfMonth(), $today->addMonths(5)->endOfMonth()),
                new Season('Fell running', $today->addMonths(4)->startOfMonth(), $today->addMonths(10)->endOfMonth()),
            ]),
        ]);
        $user = User::query()->create([
            'name' => 'Ada Thornquist',
            'email' => self::EMAIL,
            'password' => self::PASSWORD,
        ]);
        Membership::query()->create(['team_id' => $team->id, 'user_id' => $user->id, 'role' => Role::Lead]);
        app(AuditLog::class)->record(AuditEvent::MemberJoined, $user->id, ['role' => Role::Lead->value], $user->refresh());
        // Records are there for members of the team only.
        Auth::setUser($user->refresh());
        $athletes = [];
        foreach ([...self::ATHLETES, ...DemoSeason::ATHLETES] as [$name, $number, $squad, $age]) {
            $athletes[$number] = Athlete::query()->create([
                'team_id' => $team->id, 'name' => $name, 'number' => $number, 'squad' => $squad,
                'born_on' => Date::now()->subYears($age)->subMonths(5)->toDateString(),
                'profile' => isset(self::LANGUAGES[$number]) ? (object) ['language' => self::LANGUAGES[$number]->value] : null,
            ]);
        }
        $this->season->run($user, $athletes);
        foreach (DemoKnees::all() as $number => $knee) {
            $this->examine(
                $athletes[$number] ?? throw new LogicException("There is no athlete {$number}."),
                $user,
                $knee,
            );
        }
    }

    /**
     * @param  array{side: string, days: int|null, setting: string, route?: string, signed?: bool, seenDaysAgo: int, sections: array<string, array<string, mixed>>, findings: list<array{string, string, array<string, mixed>}>}  $knee
     */
    private function examine(Athlete $athlete, User $user, array $knee): void
    {
        $examination = $this->starter->start(
            $athlete,
            $user->id,
            new Start(
                Side::from($knee['side']),
                $knee['days'],
                $this->data->routes()->get($knee['route'] ?? ''),
                Setting::from($knee['setting']),
            ),
        );
        foreach ($knee['sections'] as $name => $payload) {
            $this->recorder->section($examination, SectionName::from($name), $this->first($user, $payload));
        }
        foreach ($knee['findings'] as [$manoeuvre, $side, $payload]) {
            $this->recorder->record(
                $examination,
                $this->data->catalogue()->get($manoeuvre),
                Side::from($side),
                $this->first($user, $payload),
            );
        }
        if ($knee['seenDaysAgo'] > 0) {
            Examination::query()->whereKey($examination->id)->update(['examined_at' => Date::now()->subDays(
                $knee['seenDaysAgo'],
            )]);
        }
        if ($knee['signed'] ?? false) {
            $this->signer->sign($examination, $user, $examination->refresh()->revision);
        }
    }

    /**
     * @param  array<string, mixed>  $payload
     */
    private function first(User $by, array $payload): SaveRequest
    {
        $object = Json::read(Json::write((object) $payload));

        return new SaveRequest(Str::ulid()->toString(), 0, $by->id, $object instanceof stdClass ? $object : null);
    }
}
