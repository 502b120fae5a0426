<?php

declare(strict_types=1);

namespace App\Clinic\Reports;

use App\Access\Models\Team;
use App\Access\Teams\TeamDays;
use App\Clinic\Models\Letter;
use App\Clinic\Models\LetterVersion;

/** One version of a letter, on paper and as plain text. */
final readonly class LetterPdf
{
    /** @return string the PDF */
    public function render(Letter $letter, LetterVersion $version): string
    {
        return Paper::of(view('letter', [
            'head' => self::head($letter), 'version' => $version, 'to' => $version->to()->lines(),
            'on' => self::day($letter, $version), 'isDraft' => $letter->sent_at === null,
        ]));
    }

    public function plain(Letter $letter, LetterVersion $version): string
    {
        return implode("\n\n", array_filter([
            implode("\n", self::head($letter)),
            implode("\n", $version->to()->lines()),
            self::day($letter, $version),
            $version->content['subject'],
            $version->content['text'],
        ]))."\n";
    }

    private static function day(Letter $letter, LetterVersion $version): string
    {
        return TeamDays::ofTeam($letter->team_id)->written($letter->sent_at ?? $version->created_at);
    }

    /**
     * @return list<string>
     */
    private static function head(Letter $letter): array
    {
        $team = Team::query()->findOrFail($letter->team_id);
        $set = trim($team->settings->letterHead);

        return preg_split('/\R/u', $set === '' ? $team->name : $set) ?: [];
    }
}
