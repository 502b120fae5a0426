<?php

declare(strict_types=1);

namespace App\Clinic\Pages;

use App\Access\Accounts\Token;
use App\Access\Models\Team;
use App\Access\Models\User;
use App\Clinic\Models\Episode;
use App\Clinic\Models\Examination;
use App\Clinic\Models\SharedPage;
use App\Clinic\Models\StudentScope;
use App\Club\Models\Athlete;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use App\Platform\Database\TeamScope;
use GrayCompass\Core\Sentences\Language;
use GrayCompass\Document\Refusal;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\URL;

/** Pages for athletes: what a signed examination says to them, and nothing else, for some days and without log-in. */
final readonly class SharedPages
{
    public const DAYS = 7;

    public function __construct(private AthleteTexts $texts, private AuditLog $log)
    {
    }

    /**
     * A new address; the one before it opens nothing any more.
     *
     * @return array{address: string, until: string} the address is told this once
     *
     * @throws Refusal where the team does not share pages, or it is not signed
     */
    public function open(Examination $examination, User $by): array
    {
        if (! $by->present()->team->settings->sharesPages) {
            throw Refusal::at('', __('clinic.sharedPages.your_team_does_not_share_pages'));
        }
        if (! $examination->isSigned()) {
            throw Refusal::at('', __('clinic.sharedPages.sign_the_examination_first'));
        }
        $token = Token::make();
        $until = Date::now()->addDays(self::DAYS);
        DB::transaction(function () use ($examination, $by, $token, $until): void {
            SharedPage::query()->where('examination_id', $examination->id)->delete();
            SharedPage::query()->create([
                'team_id' => $examination->team_id, 'examination_id' => $examination->id,
                'token_hash' => $token->hash(), 'expires_at' => $until, 'made_by' => $by->id,
            ]);
            $this->log->record(AuditEvent::PageOpened, $examination->id, ['days' => self::DAYS]);
        });

        return ['address' => URL::to('/page')."#{$token->secret}", 'until' => $until->toIso8601ZuluString()];
    }

    public function close(Examination $examination): void
    {
        DB::transaction(function () use ($examination): void {
            SharedPage::query()->where('examination_id', $examination->id)->delete();
            $this->log->record(AuditEvent::PageClosed, $examination->id);
        });
    }

    /** In the athlete's language; null where the address opens nothing, or nothing any more. */
    public function read(Token $token): ?AthleteText
    {
        $page = SharedPage::query()->withoutGlobalScope(TeamScope::class)
            ->where('token_hash', $token->hash())->where('expires_at', '>', Date::now())->first();
        $team = $page === null ? null : Team::query()->find($page->team_id);
        if ($page === null || $team?->settings->sharesPages !== true) {
            return null;
        }
        $examination = Examination::query()->withoutGlobalScopes([TeamScope::class, StudentScope::class])
            ->find($page->examination_id);

        if ($examination === null) {
            return null;
        }
        // Nobody is logged in: the address alone says which records may be read.
        $episode = Episode::query()->withoutGlobalScopes([TeamScope::class, StudentScope::class])->find($examination->episode_id);
        $athlete = Athlete::query()->withoutGlobalScope(TeamScope::class)->find($episode?->athlete_id);

        return $this->texts->of($examination, $athlete?->language() ?? Language::English, $team->settings);
    }
}
