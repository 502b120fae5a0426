<?php

declare(strict_types=1);

namespace App\Clinic\Letters;

use App\Access\Teams\TeamDays;
use App\Clinic\Models\Examination;
use App\Clinic\Values\Addressee;
use GrayCompass\Core\Knee\Side;

/** What one version of a letter says. */
final readonly class LetterText
{
    public function __construct(public Addressee $to, public string $subject, public string $text)
    {
    }

    /**
     * As the product proposes it: the note of the assessment, in which reason and urgency come first.
     *
     * @param  string  $note  of the assessment
     */
    public static function proposed(Examination $examination, Addressee $to, string $note): self
    {
        $episode = $examination->episode;
        $athlete = $episode->athlete;
        $signer = $examination->signer->name ?? '';
        $days = TeamDays::ofTeam($examination->team_id);
        $seen = __('papers.letter.seen', ['name' => $athlete->name, 'day' => $days->written($examination->examined_at)]);
        $born = $days->order->written($athlete->born_on);

        return new self(
            $to,
            $episode->hurt_side === Side::Right
                ? __('papers.letter.subject_right', ['name' => $athlete->name, 'day' => $born])
                : __('papers.letter.subject_left', ['name' => $athlete->name, 'day' => $born]),
            implode("\n\n", [$to->greeting(), $seen, $note, __('papers.letter.regards')."\n{$signer}"]),
        );
    }

    /**
     * @return array{to: array{name: string, practice: string, address: string, email: string}, subject: string, text: string}
     */
    public function content(): array
    {
        return ['to' => $this->to->content(), 'subject' => $this->subject, 'text' => $this->text];
    }
}
