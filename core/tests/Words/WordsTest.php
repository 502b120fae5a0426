<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Words;

use GrayCompass\Core\Tests\Support\English;
use GrayCompass\Core\Assessor;
use GrayCompass\Core\Tests\Support\Knee;
use GrayCompass\Core\Tests\Support\TypicalKnees;
use GrayCompass\Document\Json;
use PHPUnit\Framework\TestCase;

/** What athlete, coach and doctor read, and what stays unanswered. */
final class WordsTest extends TestCase
{
    private const MOST_WORDS = 26;

    private const MEAN_WORDS = 13;

    private const JARGON = [
        'lachman', 'valgus', 'varus', 'effusion', 'posttest', 'pretest', 'sensitiv', 'specific', 'laxity',
        'apprehension', 'medial', 'lateral', 'anterior',
        'posterior', 'patell', 'haem', 'grade', 'likelihood', 'translation', 'pivot', 'cruciate', 'collateral',
        'interval', 'immobili', 'positive', 'negative',
    ];

    public function test_who_must_not_stand_or_is_stuck_is_not_told_to_wait_for_it(): void
    {
        $text = static fn (string $tick): string => Knee::hurt()->answered()->with(
            'safety',
            [...Knee::CLEAR, $tick => true],
        )->assessed()->words->forAthlete();
        foreach (['pulseOrSensationLost', 'cannotTakeFourSteps', 'openWound', 'lockedShort'] as $tick) {
            self::assertStringNotContainsString('cannot stand on it', $text($tick), $tick);
            self::assertStringContainsString(
                'Call us if the swelling grows, or anything else gets worse.',
                $text($tick),
                $tick,
            );
        }
        self::assertStringContainsString('cannot stand on it', Knee::hurt()->answered()->assessed()->words->forAthlete());
    }

    public function test_an_operated_knee_leads_with_what_must_not_be_missed(): void
    {
        self::assertSame('', Knee::hurt()->assessed()->words->afterOperation());
        $knee = Knee::hurt()->with('episode', ['operated' => ['what' => 'acl', 'weeksAgo' => 9]])
            ->found('passive_extension', ['extensionDeg' => -6], ['extensionDeg' => 2])
            ->found('straight_leg_raise', ['result' => 'lag', 'lagDeg' => 5])
            ->found('effusion_sweep', ['grade' => 'bulge']);
        self::assertSame(
            'Operated on for an ACL tear 9 weeks ago. Extension -6° (other knee 2°), lag 5°, fluid grade 1, girth '
                .'not recorded. No red flag for a stuck knee, infection or clot.',
            $knee->assessed()->words->afterOperation(),
        );
        self::assertStringEndsWith(
            'never wait for a second look.',
            $knee->with('safety', ['feverOrHotRedKnee' => true])->assessed()->words->afterOperation(),
        );
        self::assertStringStartsWith(
            'Operated on a week ago.',
            Knee::hurt()->with(
                'episode',
                ['operated' => ['what' => 'other', 'weeksAgo' => 1]],
            )->assessed()->words->afterOperation(),
        );
    }

    public function test_the_athletes_text_has_headings_and_is_short_plain_and_counts_in_hundreds(): void
    {
        foreach (self::texts() as $name => $text) {
            $lines = array_filter(explode("\n", $text), static fn (string $line): bool => $line !== '');
            self::assertContains('What we looked at', $lines, $name);
            self::assertContains('Next', $lines, $name);
            $body = implode(
                ' ',
                array_filter($lines, static fn (string $line): bool => preg_match('/[.]$/', $line) === 1),
            );
            $sentences = preg_split('/(?<=[.!?])\s+/', $body, -1, PREG_SPLIT_NO_EMPTY) ?: [];
            $lengths = array_map(
                static fn (string $sentence): int => count(preg_split('/\s+/', $sentence) ?: []),
                $sentences,
            );
            self::assertLessThanOrEqual(
                self::MOST_WORDS,
                max($lengths),
                $name.': '.$sentences[array_search(max($lengths), $lengths, true)],
            );
            self::assertLessThanOrEqual(self::MEAN_WORDS, array_sum($lengths) / count($lengths), $name);
            foreach (self::JARGON as $term) {
                self::assertStringNotContainsStringIgnoringCase($term, $text, $name);
            }
            self::assertStringNotContainsString('%', $text, $name);
            foreach ($sentences as $sentence) {
                if (preg_match('/(may be|is likely) torn/', $sentence) === 1 && ! str_contains($text, 'much further')) {
                    self::assertMatchesRegularExpression(
                        '/(about \d+|fewer than 1|more than 99) out of 100 similar knees/',
                        $sentence,
                        $name,
                    );
                }
            }
            self::assertMatchesRegularExpression(
                '/Call us if the (knee locks, gives way|swelling grows)/',
                $text,
                $name,
            );
            self::assertSame(array_unique($sentences), $sentences, $name);
        }
    }

    public function test_every_term_that_stays_is_explained_where_it_stands(): void
    {
        foreach (self::texts() as $name => $text) {
            foreach (['ACL' => 'ligament (ACL)', 'PCL' => 'ligament (PCL)', 'MCL' => 'ligament (MCL)', 'LCL' => 'ligament (LCL)', 'meniscus' => 'cushion of the knee (meniscus)'] as $term => $explained) {
                self::assertSame(substr_count($text, $term), substr_count($text, $explained), "{$name}: {$term}");
            }
            if (str_contains($text, 'cross ligament') && str_contains($text, 'What it may mean')) {
                self::assertStringContainsString('Ligaments are the bands', $text, $name);
            }
        }
    }

    public function test_the_text_says_what_was_found_and_what_to_do(): void
    {
        $torn = $this->said(TypicalKnees::tornAcl());
        foreach (['Your shin slides further forward', 'front cross ligament (ACL) is likely torn: ', 'chances, not '
            .'a diagnosis', 'No sport for now.', 'A knee surgeon or sports doctor, with a scan (MRI), within '
            .'two weeks'] as $part) {
            self::assertStringContainsString($part, $torn);
        }
        self::assertStringContainsString(
            'hospital now',
            $this->said(Knee::hurt()->with('safety', ['openWound' => true])),
        );
        self::assertStringContainsString(
            'seen today',
            $this->said(Knee::hurt()->with('safety', ['feverOrHotRedKnee' => true])),
        );
        self::assertStringContainsString(
            'Call an ambulance now.',
            $this->said(Knee::hurt()->with('safety', ['breathlessOrChestPain' => true])),
        );
        self::assertStringContainsString('have not tested it by hand', $this->said(Knee::hurt()));
    }

    public function test_nothing_stands_out_only_after_eight_own_tests_without_anything_found(): void
    {
        $normal = Knee::hurt()->answered()->walked('normal');
        $seven = ['effusion_sweep', 'posterior_sag', 'lachman', 'valgus_0', 'valgus_30', 'varus_0', 'varus_30'];
        foreach ($seven as $manoeuvre) {
            $normal->found($manoeuvre, ['normal' => true], ['normal' => true]);
        }
        self::assertStringNotContainsString('Nothing stands out.', $this->said($normal));
        $normal->found('anterior_drawer', ['normal' => true], ['normal' => true]);
        self::assertStringContainsString('Nothing stands out.', $this->said($normal));
        self::assertStringContainsString(
            'What we could test was normal. Not tested: ',
            $this->said(Knee::hurt()->answered()->found('lachman', ['normal' => true], ['normal' => true])),
        );
        self::assertStringContainsString(
            'We could not test your knee today because it hurt too much.',
            $this->said(Knee::hurt()->found('lachman', ['notDone' => 'pain'])),
        );
        foreach ([$normal->found('popliteal_look', ['swelling' => true]), Knee::hurt()
            ->with('safety', ['calfTense' => true])] as $found) {
            self::assertStringNotContainsString('Nothing stands out', $this->said($found));
        }
    }

    public function test_what_is_unlikely_is_named_only_where_the_story_raised_it_and_without_a_number(): void
    {
        $raised = Knee::hurt()->answered()->with('daysSinceInjury', 40)->with('history', ['pop' => true])->found(
            'lachman',
            ['normal' => true, 'checks' => ['hamstringsRelaxed' => true]],
            ['normal' => true],
        );
        self::assertMatchesRegularExpression(
            '/An injury is unlikely: the front cross ligament \(ACL\)\./',
            $this->said($raised),
        );
        self::assertStringNotContainsString(
            'An injury is unlikely',
            $this->said(Knee::hurt()->answered()->with('daysSinceInjury', 40)->found(
                'lachman',
                ['normal' => true],
                ['normal' => true],
            )),
        );
    }

    public function test_what_is_not_settled_is_named_without_a_number_and_with_its_own_reason(): void
    {
        $guarded = $this->said(Knee::hurt()->answered()->with(
            'history', ['pop' => false, 'couldNotContinue' => false, 'givingWay' => false],
        )->found(
            'lachman',
            ['translationMm' => 3, 'endFeel' => 'firm', 'checks' => ['hamstringsRelaxed' => false]],
            ['translationMm' => 3, 'endFeel' => 'firm'],
        ));
        self::assertStringContainsString('Not clear yet: the front cross ligament (ACL).', $guarded);
        self::assertStringContainsString('gave no clear answer today, because your muscles were tense.', $guarded);
        self::assertStringContainsString(
            'because the leg moved',
            $this->said(Knee::hurt()->found('lachman', ['normal' => true, 'checks' => ['footStayedDown' => false]])),
        );
    }

    public function test_while_others_decide_today_only_what_the_line_is_about_is_named(): void
    {
        $story = [
            'pop' => true,
            'couldNotContinue' => true,
            'swellingOnset' => 'within_2_hours',
            'mechanism' => ['twist_on_planted_foot'],
        ];
        $said = fn (string $key): string => $this->said(Knee::hurt()->with('history', $story)->with(
            'safety',
            [$key => true],
        ));
        self::assertStringContainsString('cross ligament', $said('calfTense'));
        foreach (['feverOrHotRedKnee', 'cannotStraightLegRaise', 'openWound', 'calfSwollenTender'] as $key) {
            self::assertStringNotContainsString('in 100', $said($key), $key);
        }
        self::assertStringNotContainsString('cross ligament', $said('lockedShort'));
    }

    public function test_what_is_worn_decides_on_bending_and_driving(): void
    {
        $pcl = $this->said(TypicalKnees::tornPcl());
        self::assertStringContainsString('Wear the straight splint day and night, with your calf held up.', $pcl);
        self::assertStringContainsString('Do not bend the knee', $pcl);
        self::assertStringContainsString('Do not drive.', $pcl);
        $loose = $this->said(TypicalKnees::looseInnerSide(8));
        self::assertStringContainsString('0–90° for 2 weeks', $loose);
        self::assertStringContainsString('Bend it only as far as the brace lets you.', $loose);
        $locked = $this->said(Knee::hurt()->with('safety', ['lockedShort' => true]));
        self::assertStringContainsString('Do not force the knee', $locked);
        self::assertStringContainsString('Do not drive.', $locked);
        self::assertStringNotContainsString('Bend and straighten', $locked);
        self::assertStringNotContainsString('rive', $this->said(Knee::hurt()->with('ageYears', 16)));
        self::assertStringContainsString('you and your parents', $this->said(Knee::hurt()->with('ageYears', 16)));
        self::assertStringContainsString(
            'Do not drive.',
            $this->said(Knee::hurt()->with('hurtSide', 'right')),
            'crutches for the right leg',
        );
        self::assertStringContainsString('Drive only when', $this->said(Knee::hurt()));
    }

    public function test_the_coach_hears_nothing_without_a_consent_of_their_own_and_nothing_medical_with_it(): void
    {
        $for = static fn (Knee $knee, array $opening): string =>
            $knee->with('opening', $opening)->assessed()->words->forCoach();
        self::assertSame('', $for(TypicalKnees::tornAcl(), ['consentGiven' => true]));
        self::assertSame('', $for(TypicalKnees::tornAcl()->with('ageYears', 15), ['coachMayKnow' => true]));
        self::assertNotSame(
            '',
            $for(TypicalKnees::tornAcl()->with('ageYears', 15), ['coachMayKnow' => true, 'guardianConsent' => true]),
        );
        $line = $for(TypicalKnees::tornAcl()->with('examinedAt', '2026-03-28T18:00:00Z'), ['coachMayKnow' => true]);
        self::assertSame('Out. Review by 11 April 2026.', $line);
        $slow = $for(Knee::hurt()->with('daysSinceInjury', null), ['coachMayKnow' => true]);
        self::assertStringStartsWith('Modified training. Not: cutting, jumping. Yes: cycling', $slow);
        foreach (['ACL', 'ligament', 'torn', 'knee', 'pain', 'surgeon'] as $word) {
            self::assertStringNotContainsStringIgnoringCase($word, $line.$slow);
        }
    }

    public function test_nobody_is_told_one_thing_and_its_opposite_or_sent_for_one_thing_twice(): void
    {
        $texts = array_map(
            static fn (string $file): string => json_decode((string) file_get_contents($file))->plan->forAthlete,
            glob(__DIR__.'/../../../examples/expected/*.json') ?: [],
        );
        self::assertGreaterThan(25, count($texts));
        foreach ($texts as $text) {
            $mustNotStand = preg_match('/no weight on the leg|as little weight/', $text) === 1;
            self::assertFalse($mustNotStand && str_contains($text, 'cannot stand on it'), $text);
            self::assertFalse(str_contains($text, 'is stuck') && str_contains($text, 'if the knee locks'), $text);
            self::assertFalse(str_contains($text, 'is stuck') && str_contains($text, 'does not go fully '
                .'straight'), $text);
            preg_match('/^Next\n(.*?\.)/m', $text, $next);
            self::assertLessThan(2, substr_count($next[0] ?? '', 'X-ray'), $text);
        }
    }

    public function test_the_coach_hears_when_the_review_is_by_days_or_by_date(): void
    {
        $for = static fn (Knee $knee): string => $knee->with(
            'opening',
            ['coachMayKnow' => true],
        )->assessed()->words->forCoach();
        self::assertSame('Out. Review within 14 days.', $for(TypicalKnees::tornAcl()->with('ageYears', 25)));
        self::assertSame('Out. Review in 7 to 10 days.', $for(TypicalKnees::tornPcl()->with('ageYears', 25)));
        self::assertSame(
            'Out. Review between 21 March and 24 March 2026.',
            $for(TypicalKnees::tornPcl()->with('ageYears', 25)->with('examinedAt', '2026-03-14T09:30:00Z')),
        );
    }

    public function test_the_letter_begins_with_why_and_how_soon_and_ends_with_the_chances(): void
    {
        $note = TypicalKnees::tornAcl()->with('ageYears', 22)->with(
            'history',
            ['pop' => true, 'locking' => false, 'mechanism' => ['twist_on_planted_foot']],
        )
            ->with('episode', ['whatHappened' => 'Landed from a jump.', 'medication' => 'none', 'bleedingRisk' => true])
            ->found('ankle_lift', ['result' => 'normal', 'turnsOut' => 'normal'])->assessed()->words->note();
        $lines = explode("\n", $note);
        self::assertSame(
            'Within two weeks, to a knee surgeon or sports doctor, with a scan (MRI). Question: An ACL tear?',
            $lines[0],
        );
        self::assertSame('Left knee, 4 days after injury, age 22.', $lines[1]);
        self::assertSame(
            'Pulse, sensation, ankle lift: pulse not recorded, sensation not recorded, ankle lift normal, turning '
                .'out normal',
            $lines[2],
        );
        self::assertStringStartsWith('Probabilities combine base rates', $lines[count($lines) - 1]);
        self::assertStringStartsWith('Probability out of 100', $lines[count($lines) - 2]);
        foreach ([
            'Landed from a jump.', 'bleeds easily', 'twist on the planted foot', 'no locking',
            'Lachman 10 / 3 mm, grade 2', 'Grades: ACL 2', 'Lachman (clear)', 'posterolateral corner injury', 'crutches',
        ] as $part) {
            self::assertStringContainsString($part, $note);
        }
        self::assertStringNotContainsString('Off limits', $note);
        self::assertDoesNotMatchRegularExpression('/→ (0|100)\b|[a-z]_[a-z]/', $note);
        self::assertStringNotContainsString(
            'Question',
            Knee::hurt()->assessed()->words->note(),
            'nobody is sent, nothing is asked',
        );
        self::assertStringContainsString(
            'The muscles held',
            Knee::hurt()->found(
                'posterior_drawer',
                ['translationMm' => 12, 'endFeel' => 'soft', 'checks' => ['hamstringsRelaxed' => false]],
                ['translationMm' => 3, 'endFeel' => 'firm'],
            )->assessed()->words->note(),
        );
    }

    public function test_the_letter_holds_what_others_found_and_all_that_was_recorded(): void
    {
        $note = Knee::hurt()->with(
            'earlierFinding',
            [['what' => 'MRI two years ago: intact', 'by' => 'Dr Osk', 'on' => '2024']],
        )
            ->with('pulseChecks', [['at' => '2026-03-14T09:30:00Z', 'felt' => true]])
            ->found('inspection', ['bruise' => true, 'scar' => false], ['bruise' => false])
            ->found('alignment', ['angleDeg' => 6], ['angleDeg' => 2])
            ->found(
                'lachman',
                ['translationMm' => 6, 'endFeel' => 'firm', 'support' => 'prone', 'note' => 'fearful'],
            )->assessed()->words->note();
        foreach (['MRI two years ago: intact (Dr Osk) (2024)', 'pulse felt 2026-03-14T09:30:00Z', 'Inspection (scar: no; '
            .'bruise)', 'angle: 6° (other 2)', 'support: prone', '“fearful”', 'not graded'] as $part) {
            self::assertStringContainsString($part, $note);
        }
    }

    public function test_what_was_not_done_says_why_and_what_it_leaves_open(): void
    {
        $lines = English::each(Knee::hurt()->answered()->found(
            'lachman',
            ['notDone' => 'pain'],
            ['notDone' => 'time'],
        )->with('safety', ['lockedShort' => true])->assessed()->plan->unanswered);
        self::assertSame('Lachman not done (too painful): leaves open ACL tear.', $lines[0]);
        self::assertStringContainsString('other knee not done (no time)', $lines[1]);
        self::assertStringContainsString('Withheld by the safety check', $lines[2]);
        self::assertStringContainsString('Not tested: ACL tear', $lines[3]);
        self::assertContains(
            'McMurray not done (position not possible).',
            English::each(Knee::hurt()->answered()->found('flexion_range', ['flexionDeg' => 100])->assessed()->plan->unanswered),
        );
    }

    private function said(Knee $knee): string
    {
        return $knee->assessed()->words->forAthlete();
    }

    /**
     * @return array<string, string> the text of every shipped example
     */
    private static function texts(): array
    {
        $assessor = new Assessor;
        $texts = [];
        foreach (glob(__DIR__.'/../../../examples/*.json') ?: [] as $file) {
            $texts[basename($file)] = $assessor->assess($assessor->read(Json::read((string) file_get_contents(
                $file,
            ))))->words->forAthlete();
        }
        self::assertNotSame([], $texts);

        return $texts;
    }
}
