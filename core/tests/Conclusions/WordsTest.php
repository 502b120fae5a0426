<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Conclusions;

use GrayCompass\Core\Assessor;
use GrayCompass\Core\Document\Json;
use GrayCompass\Core\Tests\Support\Knee;
use GrayCompass\Core\Tests\Support\TypicalKnees;
use PHPUnit\Framework\TestCase;

/** What athlete, coach and doctor read, and what stays unanswered. */
final class WordsTest extends TestCase
{
    private const MOST_WORDS = 26;

    private const MEAN_WORDS = 13;

    private const JARGON = [
        'lachman', 'valgus', 'varus', 'effusion', 'posttest', 'pretest', 'sensitiv', 'specific', 'laxity', 'apprehension', 'medial', 'lateral', 'anterior',
        'posterior', 'patell', 'haem', 'grade', 'likelihood', 'translation', 'pivot', 'cruciate', 'collateral', 'interval', 'immobili', 'positive', 'negative',
    ];

    public function test_the_athletes_paragraph_is_short_plain_and_counts_in_hundreds(): void
    {
        foreach (self::paragraphs() as $name => $text) {
            $sentences = preg_split('/(?<=[.!?])\s+/', $text, -1, PREG_SPLIT_NO_EMPTY) ?: [];
            $lengths = array_map(static fn (string $sentence): int => count(preg_split('/\s+/', $sentence) ?: []), $sentences);
            self::assertLessThanOrEqual(self::MOST_WORDS, max($lengths), $name);
            self::assertLessThanOrEqual(self::MEAN_WORDS, array_sum($lengths) / count($lengths), $name);
            foreach (self::JARGON as $term) {
                self::assertStringNotContainsStringIgnoringCase($term, $text, $name);
            }
            self::assertStringNotContainsString('%', $text, $name);
            foreach ($sentences as $sentence) {
                if (str_contains($sentence, 'may be torn') || str_contains($sentence, 'unlikely')) {
                    self::assertMatchesRegularExpression('/(about \d+|at most \d+|fewer than 1|more than 99) in 100 knees like this/', $sentence, $name);
                }
            }
            self::assertStringContainsString('chances, not a diagnosis', $text, $name);
            self::assertStringContainsString('Call at once', $text, $name);
        }
    }

    public function test_every_term_that_stays_is_explained_where_it_stands(): void
    {
        foreach (self::paragraphs() as $name => $text) {
            foreach (['ACL' => 'ligament (ACL)', 'PCL' => 'ligament (PCL)', 'MCL' => 'ligament (MCL)', 'LCL' => 'ligament (LCL)', 'meniscus' => 'cushion of the knee (meniscus)'] as $term => $explained) {
                self::assertSame(substr_count($text, $term), substr_count($text, $explained), "{$name}: {$term}");
            }
            if (str_contains($text, 'ligament')) {
                self::assertStringContainsString('Ligaments are the bands', $text, $name);
            }
        }
    }

    public function test_the_paragraph_says_what_was_found_and_what_to_do(): void
    {
        $torn = TypicalKnees::tornAcl()->assessed()->words->forAthlete;
        self::assertStringContainsString('Your shin slides further forward', $torn);
        self::assertStringContainsString('front cross ligament (ACL) may be torn', $torn);
        self::assertStringContainsString('by our starting figures', $torn);
        self::assertStringContainsString('No sport for now.', $torn);
        self::assertStringContainsString('a knee surgeon, within two weeks', $torn);
        self::assertStringContainsString('hospital now', Knee::hurt()->with('safety', ['openWound' => true])->assessed()->words->forAthlete);
        self::assertStringContainsString('by a doctor today', Knee::hurt()->with('safety', ['feverOrHotRedKnee' => true])->assessed()->words->forAthlete);
        self::assertStringContainsString('Put no weight on the leg', Knee::hurt()->with('safety', ['deformity' => true])->assessed()->words->forAthlete);
        self::assertStringContainsString('Use crutches', Knee::hurt()->with('safety', ['cannotTakeFourSteps' => true, 'xrayClear' => true])->assessed()->words->forAthlete);
        self::assertStringContainsString('have not tested it by hand', Knee::hurt()->assessed()->words->forAthlete);
    }

    public function test_what_is_worn_decides_on_bending_and_driving(): void
    {
        $pcl = TypicalKnees::tornPcl()->assessed()->words->forAthlete;
        self::assertStringContainsString('Wear the straight splint, with your calf held up', $pcl);
        self::assertStringContainsString('Do not bend the knee', $pcl);
        self::assertStringContainsString('Do not drive.', $pcl);
        $loose = TypicalKnees::looseInnerSide(8)->assessed()->words->forAthlete;
        self::assertStringContainsString('Wear the brace with hinges', $loose);
        self::assertStringContainsString('Bend it only as far as the brace lets you.', $loose);
        $locked = Knee::hurt()->with('safety', ['lockedShort' => true])->assessed()->words->forAthlete;
        self::assertStringContainsString('Do not force it straight.', $locked);
        self::assertStringNotContainsString('Bend and straighten', $locked);
        self::assertStringContainsString('Drive only when', $locked);
    }

    public function test_the_letter_says_by_feel_where_nobody_measured(): void
    {
        $note = Knee::hurt()->found('lachman', ['differenceBand' => 'clear'])->assessed()->words->note;
        self::assertStringContainsString('lachman by feel, grade 2', $note);
        self::assertStringContainsString('PCL tear 3 → ', $note);
        self::assertDoesNotMatchRegularExpression('/→ (0|100)\b/', TypicalKnees::tornAcl()->assessed()->words->note);
    }

    public function test_the_coach_hears_nothing_without_consent_and_nothing_medical_with_it(): void
    {
        self::assertSame('', TypicalKnees::tornAcl()->assessed()->words->forCoach);
        self::assertSame('', TypicalKnees::tornAcl()->with('opening', ['consentGiven' => false])->assessed()->words->forCoach);
        $line = TypicalKnees::tornAcl()->with('opening', ['consentGiven' => true])->with('examinedAt', '2026-03-28T18:00:00Z')->assessed()->words->forCoach;
        self::assertStringStartsWith('Out.', $line);
        self::assertStringContainsString('April 2026', $line);
        foreach (['ACL', 'ligament', 'torn', 'knee', 'pain', 'surgeon'] as $word) {
            self::assertStringNotContainsStringIgnoringCase($word, $line);
        }
        $slow = Knee::hurt()->with('daysSinceInjury', null)->with('setting', 'gradual')->with('opening', ['consentGiven' => true]);
        self::assertStringStartsWith('Modified', $slow->assessed()->words->forCoach);
    }

    public function test_the_letter_holds_story_findings_grades_chances_and_question(): void
    {
        $note = TypicalKnees::tornAcl()->with('ageYears', 22)->with('history', ['pop' => true, 'locking' => false, 'mechanism' => ['twist_on_planted_foot']])->assessed()->words->note;
        foreach ([
            'Left knee, 4 days after injury, age 22.', 'twist on the planted foot', 'no locking', 'lachman 10 / 3 mm, grade 2', 'Grades: ACL 2',
            'ACL tear 20 → ', 'Question: please confirm or exclude an ACL tear', 'laxity side difference', 'not a diagnosis',
        ] as $part) {
            self::assertStringContainsString($part, $note);
        }
        self::assertStringContainsString('hamstrings', Knee::hurt()->found('lachman', ['translationMm' => 3, 'endFeel' => 'firm', 'checks' => ['hamstringsRelaxed' => false]], ['translationMm' => 3, 'endFeel' => 'firm'])->assessed()->words->note);
    }

    public function test_what_was_not_done_says_why_and_what_it_leaves_open(): void
    {
        $lines = Knee::hurt()->found('lachman', ['notDone' => 'pain'], ['notDone' => 'time'])->with('safety', ['lockedShort' => true])->assessed()->plan->unanswered;
        self::assertSame('Lachman not done (too painful): leaves open ACL tear.', $lines[0]);
        self::assertStringContainsString('other knee not done (no time)', $lines[1]);
        self::assertStringContainsString('Off limits by the safety gate', $lines[2]);
        self::assertStringContainsString('No hands-on result that counts was aimed at: ACL tear', $lines[3]);
        $done = TypicalKnees::openAfterEverything()->assessed()->plan->unanswered;
        self::assertSame([], $done);
    }

    /**
     * @return array<string, string> the paragraph of every shipped example
     */
    private static function paragraphs(): array
    {
        $assessor = new Assessor;
        $texts = [];
        foreach (glob(__DIR__.'/../../../examples/*.json') ?: [] as $file) {
            $texts[basename($file)] = $assessor->assess($assessor->read(Json::read((string) file_get_contents($file))))->words->forAthlete;
        }
        self::assertNotSame([], $texts);

        return $texts;
    }
}
