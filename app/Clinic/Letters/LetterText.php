<?php

declare(strict_types=1);

namespace App\Clinic\Letters;

use App\Access\Teams\TeamDays;
use App\Clinic\Models\Examination;
use App\Clinic\Values\Addressee;

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
        $seen = "I saw {$athlete->name} on {$days->written($examination->examined_at)}.";

        return new self(
            $to,
            ucfirst($episode->hurt_side->value)." knee of {$athlete->name}, "
                ."born {$days->order->written($athlete->born_on)}",
            implode("\n\n", [$to->greeting(), $seen, $note, "With kind regards\n{$signer}"]),
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
