<?php

declare(strict_types=1);

namespace App\Letters;

use App\Models\Examination;

/** What one version of a letter says. */
final readonly class Wording
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
        $seen = "I saw {$athlete->name} on {$examination->examined_at->format('j F Y')}.";

        return new self(
            $to,
            ucfirst($episode->hurt_side->value)." knee of {$athlete->name}, "
                ."born {$athlete->born_on->format('j F Y')}",
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
