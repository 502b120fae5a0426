<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Models\User;
use App\Access\Values\Role;
use App\Clinic\Models\Examination;
use App\Clinic\Models\Snapshot;
use App\Clinic\Reports\Woff;
use Illuminate\Support\Facades\DB;
use Smalot\PdfParser\Parser;

/** The summary on paper, signing, the arithmetic without a record, and the route of a second look. */
final class ReportTest extends FeatureTestCase
{
    public function test_the_pdf_holds_the_text_it_should_on_one_page(): void
    {
        $id = $this->tornKnee($this->member());
        $answer = $this->get(
            "/api/examinations/{$id}/summary.pdf",
        )->assertOk()->assertHeader('Content-Type', 'application/pdf');
        $pdf = (new Parser)->parseContent((string) $answer->content());
        self::assertCount(1, $pdf->getPages());
        $text = (string) preg_replace('/\s+/', ' ', $pdf->getText());
        foreach ([
            'Mirre Aldous', 'Left knee', 'DRAFT, not signed', 'The safety check is complete', 'ACL tear', '95 % range',
            'Lachman 10 mm 3 mm +7 mm 2', 'blood likely',
            'Anterior drawer negative',
            'muscles held the knee',
            'Apley not done (no time)',
            'within two weeks: a knee surgeon',
            'In the meantime: Use crutches',
            'Availability: out',
            'Re-examine: In ',
            'For the athlete',
            'out of 100 similar knees',
            'For the coach Out.',
            'Drawers count from more than the other knee',
            'evidence cautious figures',
            'Chances, not a diagnosis',
            'not yet checked against the papers',
        ] as $words) {
            self::assertStringContainsStringIgnoringCase($words, $text);
        }
    }

    public function test_paper_is_in_the_products_typeface_and_tells_its_headings_and_tables(): void
    {
        $pdf = (string) $this->get("/api/examinations/{$this->tornKnee($this->member())}/summary.pdf")->content();
        self::assertMatchesRegularExpression('~/BaseFont /\S*Atkinson~i', $pdf);
        self::assertStringContainsString('/MarkInfo << /Marked true >> /Lang (en-GB)', $pdf);
        self::assertSame(1, substr_count($pdf, '/S /H1 '));
        self::assertGreaterThan(7, substr_count($pdf, '/S /H2 '));
        self::assertSame(7 + 5, substr_count($pdf, '/S /TH '), 'the columns of both tables, none of the layout');
        self::assertMatchesRegularExpression('~/S /Figure .*/Alt <FEFF~', $pdf);
        $text = (new Parser)->parseContent($pdf)->getPages()[0]->getText();
        self::assertStringContainsString('med. men.', $text, 'the drawing names its parts');
        $pages = TaggedMarks::of($pdf);
        self::assertNotSame([], $pages);
        foreach ($pages as $page => [$opened, $closed, $owned]) {
            self::assertSame($opened, $closed, "each mark of page {$page} is closed");
            self::assertSame($opened, $owned, "each mark of page {$page} belongs to an element");
        }
    }

    public function test_a_damaged_typeface_is_told_by_its_table(): void
    {
        $packed = (string) file_get_contents(base_path(
            'node_modules/@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff',
        ));
        $type = Woff::toTrueType($packed);
        self::assertSame((unpack('N', $packed, 16) ?: [])[1], \strlen($type), 'as long as the file says of itself');
        $glyphs = (unpack('N', $packed, (int) strpos($packed, 'glyf') + 4) ?: [])[1];
        $packed[$glyphs + 40] = \chr(\ord($packed[$glyphs + 40]) ^ 0xFF);
        $this->expectExceptionMessage('The table glyf of the typeface is damaged.');
        Woff::toTrueType($packed);
    }

    public function test_a_long_examination_begins_to_tell_of_the_knees_on_its_first_page_and_keeps_its_remarks(): void
    {
        $id = $this->openedBy($this->member());
        $document = (array) json_decode((string) file_get_contents(base_path('examples/whole-clinic-route.json')), true);
        foreach ($document['findings'] as $record) {
            $payload = array_diff_key($record, ['manoeuvre' => 0, 'side' => 0]);
            $this->save($id, "records/{$record['manoeuvre']}/{$record['side']}", [...$payload, 'override' => 'shown to students']);
        }
        $shown = $this->getJson("/api/examinations/{$id}");
        $pages = (new Parser)->parseContent((string) $this->get("/api/examinations/{$id}/summary.pdf")->assertOk()->content())->getPages();
        self::assertGreaterThan(1, \count($pages));
        $first = preg_replace('/\s+/', ' ', $pages[0]->getText());
        foreach (['Both knees', 'Lachman', 'Valgus, 30°'] as $words) {
            self::assertStringContainsString($words, (string) $first);
        }
        $whole = preg_replace('/\s+/', ' ', implode(' ', array_map(static fn ($page): string => $page->getText(), $pages)));
        foreach ($shown->json('assessment.remarks') as $remark) {
            self::assertStringContainsString($remark['say'], (string) $whole);
        }
    }

    public function test_what_is_signed_stays_as_it_was_judged(): void
    {
        $id = $this->tornKnee($this->member());
        $before = $this->getJson("/api/examinations/{$id}")->json('assessment');
        $this->postJson("/api/examinations/{$id}/signature", $this->seen($id))->assertOk()->assertJsonPath('status', 'signed');
        $this->postJson("/api/examinations/{$id}/signature", $this->seen($id))->assertStatus(423);
        $this->save($id, 'records/lachman/left', ['translationMm' => 4], 1)->assertStatus(423);
        Snapshot::query()->where('examination_id', $id)->firstOrFail()->update(['payload' => [
            ...$before,
            'rules' => 'of that day',
        ]]);
        self::assertSame('of that day', $this->getJson("/api/examinations/{$id}")->json('assessment.rules'));
        self::assertStringContainsString(
            'rules version of that day',
            (string) preg_replace(
                '/\s+/',
                ' ',
                (new Parser)->parseContent((string) $this->get("/api/examinations/{$id}/summary.pdf")->content())
                    ->getText(),
            ),
        );
        self::assertStringNotContainsString('Lachman', (string) json_encode(DB::table('snapshots')->get()));
    }

    public function test_a_student_may_record_but_not_sign_and_another_team_finds_nothing(): void
    {
        $student = $this->member();
        $id = $this->tornKnee($student);
        $student->present()->update(['role' => Role::Student]);
        $this->actingAs($student->refresh())->postJson("/api/examinations/{$id}/signature", $this->seen($id))->assertForbidden();
        $this->actingAs($this->member('Marsh End Judo'));
        foreach (['summary.pdf', 'weighing'] as $part) {
            $this->getJson("/api/examinations/{$id}/{$part}")->assertNotFound();
        }
        $this->postJson("/api/examinations/{$id}/signature", $this->seen($id))->assertNotFound();
    }

    public function test_the_arithmetic_works_without_a_record_and_refuses_by_path(): void
    {
        $this->actingAs($this->member());
        $input = (string) file_get_contents(__DIR__.'/../../docs/examples/lachman-and-drawer.json');
        $answer = $this->call(
            'POST',
            '/api/weigh?condition=acl&order=lachman,anterior_drawer',
            content: $input,
        )->assertOk();
        self::assertEqualsWithDelta(0.790348, $answer->json('conditions.0.posttest'), 1e-6);
        self::assertSame(['lachman', 'anterior_drawer'], array_column($answer->json('steps'), 'finding'));
        self::assertEqualsWithDelta(0.2, $answer->json('steps.0.before'), 1e-9);
        self::assertEqualsWithDelta(0.790348, $answer->json('steps.1.after'), 1e-6);
        self::assertEqualsWithDelta(0.779817, $answer->json('curves.0.points.8.1'), 1e-6);
        self::assertEqualsWithDelta(0.805142, $answer->json('steps.1.withoutEcho'), 1e-6);
        self::assertStringContainsString(
            'a positive Lachman alone makes it 78 in 100',
            (string) $answer->json('answer.answer'),
        );
        self::assertSame(0, Examination::query()->count());
        $this->call('POST', '/api/weigh', content: str_replace('0.85', '1.85', $input))
            ->assertStatus(422)->assertJsonPath('error.path', 'groups[0].results[0].targets.acl.sensitivity');
        $this->call('POST', '/api/weigh', content: '{')->assertStatus(422);
    }

    public function test_the_other_order_ends_at_the_same_chance(): void
    {
        $this->actingAs($this->member());
        $input = (string) file_get_contents(__DIR__.'/../../docs/examples/lachman-and-drawer.json');
        $answer = $this->call(
            'POST',
            '/api/weigh?condition=acl&order=anterior_drawer,lachman',
            content: $input,
        )->assertOk();
        self::assertSame(['anterior_drawer', 'lachman'], array_column($answer->json('steps'), 'finding'));
        self::assertEqualsWithDelta(0.790348, $answer->json('steps.1.after'), 1e-6);
    }

    public function test_looking_again_begins_with_what_the_last_time_left(): void
    {
        $user = $this->member();
        $first = $this->tornKnee($user);
        $athlete = Examination::query()->findOrFail($first)->load('episode')->episode->athlete_id;
        $again = (string) $this->postJson(
            "/api/athletes/{$athlete}/examinations",
            ['hurtSide' => 'left', 'daysSinceInjury' => 4, 'setting' => 'acute_trauma', 'route' => 'look_again'],
        )->assertCreated()->json('id');
        $route = $this->getJson("/api/examinations/{$again}")->json('assessment.route');
        $manoeuvres = array_merge(...array_column($route['stops'], 'manoeuvres'));
        self::assertSame(
            ['effusion_sweep', 'posterior_sag', 'anterior_drawer', 'lachman', 'apley'],
            array_values(array_diff($manoeuvres, ['distal_pulse', 'sensation', 'ankle_lift', 'inspection'])),
        );
        self::assertContains('mcmurray', $route['offered']);
    }

    private function tornKnee(User $user): string
    {
        $id = $this->examinationBy($user);
        $this->save($id, 'sections/opening', ['consentGiven' => true, 'coachMayKnow' => true])->assertOk();
        $this->save($id, 'sections/safety', self::CLEAR)->assertOk();
        $this->save(
            $id,
            'sections/history',
            ['pop' => true, 'swellingOnset' => 'within_2_hours', 'mechanism' => ['twist_on_planted_foot']],
        )->assertOk();
        foreach ([
            'effusion_sweep/left' => ['grade' => 'bulge'], 'lachman/right' => [
                'translationMm' => 3,
                'endFeel' => 'firm',
            ], 'lachman/left' => [
                'translationMm' => 10,
                'endFeel' => 'soft',
            ],
            'anterior_drawer/right' => ['translationMm' => 4, 'endFeel' => 'firm'], 'anterior_drawer/left' => [
                'translationMm' => 4,
                'endFeel' => 'firm',
                'checks' => ['hamstringsRelaxed' => false],
            ],
            'apley/left' => ['notDone' => 'time'],
        ] as $part => $payload) {
            $this->save($id, "records/{$part}", $payload)->assertOk();
        }

        return $id;
    }
}
