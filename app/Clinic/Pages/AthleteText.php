<?php

declare(strict_types=1);

namespace App\Clinic\Pages;

use GrayCompass\Core\Sentences\Language;

/** What an athlete reads of one examination, in one language. */
final readonly class AthleteText
{
    /**
     * @param  Language  $language  English where it was signed before there were translations
     * @param  string  $text  headings and paragraphs, with an empty line between them
     * @param  string  $caution  over a translation that is not reviewed yet; else empty
     * @param  array<string, string>  $parts  what each injury hurts, by its id
     */
    public function __construct(
        public Language $language,
        public string $title,
        public string $text,
        public string $caution,
        public string $fromTheFront,
        public string $fromAbove,
        public array $parts,
    ) {
    }

    /**
     * @return list<array{heading: string, say: string}>
     */
    public function sections(): array
    {
        return array_map(static function (string $part): array {
            [$heading, $say] = [...explode("\n", $part, 2), ''];

            return ['heading' => $heading, 'say' => $say];
        }, explode("\n\n", $this->text));
    }
}
