<?php

declare(strict_types=1);

namespace App\Clinic\Pages;

use App\Access\Values\TeamSettings;
use App\Clinic\Examinations\Assessments;
use App\Clinic\Examinations\WrittenAssessment;
use App\Clinic\Models\Examination;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Sentences\Language;
use GrayCompass\Core\Sentences\Phrases;
use GrayCompass\Core\Wire\WordsReader;
use GrayCompass\Core\Words\AthletePage;
use GrayCompass\Document\Refusal;

/** What athletes read, each in their language. What was signed is read in the words of the day on which it was. */
final readonly class AthleteTexts
{
    public function __construct(private Assessments $assessments, private Figures $figures)
    {
    }

    /** @throws Refusal where the examination cannot be assessed */
    public function of(Examination $examination, Language $language, TeamSettings $settings): AthleteText
    {
        $written = new WrittenAssessment($this->assessments->assessment($examination));
        $translated = $language->isOriginal() ? $written->forAthlete() : $this->in($language, $written);
        $language = $translated === null ? Language::English : $language;
        $phrases = $this->figures->phrases($language);

        return new AthleteText(
            $language,
            $phrases->sentence(AthletePage::title()),
            $translated ?? $written->forAthlete(),
            $settings->isReviewed($language) ? '' : $phrases->sentence(AthletePage::notReviewed()),
            $phrases->sentence(AthletePage::fromTheFront()),
            $phrases->sentence(AthletePage::fromAbove()),
            self::parts($phrases),
        );
    }

    /**
     * What goes into a signed record: every language, so that none is read in later words.
     *
     * @param  array<string, mixed>  $assessment  as AssessmentWriter wrote it
     * @return array<string, mixed> the same, with `plan.words.translations` by language
     */
    public function translated(array $assessment): array
    {
        $written = new WrittenAssessment($assessment);
        $translations = [];
        foreach (Language::translations() as $language) {
            $translations[$language] = (string) $this->in(Language::from($language), $written);
        }

        /** @var array{plan: array{words: array<string, mixed>}} $assessment */
        $assessment['plan']['words']['translations'] = $translations;

        return $assessment;
    }

    /** Null where only the English words were kept. */
    private function in(Language $language, WrittenAssessment $written): ?string
    {
        $sections = $written->athleteSections();

        return $written->translation($language)
            ?? ($sections === [] ? null : $this->figures->phrases($language)->text(WordsReader::sections($sections)));
    }

    /**
     * @return array<string, string>
     */
    private static function parts(Phrases $phrases): array
    {
        $parts = [];
        foreach (Condition::cases() as $condition) {
            $parts[$condition->value] = $phrases->words($condition->part());
        }

        return $parts;
    }
}
