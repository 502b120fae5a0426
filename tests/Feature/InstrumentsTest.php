<?php

declare(strict_types=1);

namespace Tests\Feature;

use Smalot\PdfParser\Parser;

/** Figures that an instrument took: kept with where they come from, and pages that may listen to instruments. */
final class InstrumentsTest extends FeatureTestCase
{
    private const BY = [
        'translationMm' => [
            'kind' => 'arthrometer', 'device' => 'Fenmoor pull meter', 'serial' => 'SIM-1', 'spread' => 0.12,
            'pulls' => [['at67N' => 6.1, 'at134N' => 10.2], ['at67N' => 3, 'guarded' => true]],
        ],
    ];

    public function test_a_figure_keeps_its_instrument_in_record_document_and_summary(): void
    {
        $id = $this->openedBy($this->member());
        $payload = ['translationMm' => 10.2, 'forceN' => 134, 'by' => self::BY];
        $this->save($id, 'records/arthrometer/left', $payload)->assertOk();

        self::assertEquals($payload, $this->getJson("/api/examinations/{$id}")->json('records.0.payload'));
        self::assertEquals(self::BY, $this->getJson("/api/examinations/{$id}/document")->json('findings.0.by'));
        $pdf = (new Parser)->parseContent((string) $this->get("/api/examinations/{$id}/summary.pdf")->content())->getText();
        self::assertStringContainsString('Arthrometer: measured by arthrometer, Fenmoor pull meter, SIM-1', $pdf);
    }

    public function test_a_source_of_a_figure_that_is_not_there_is_refused_by_its_place(): void
    {
        $id = $this->openedBy($this->member());
        $answer = $this->save($id, 'records/arthrometer/left', ['forceN' => 134, 'by' => self::BY])->assertUnprocessable();

        self::assertStringEndsWith('by.translationMm', (string) $answer->json('error.path'));
    }

    public function test_pages_may_listen_to_the_instruments_that_the_operator_names_and_to_no_others(): void
    {
        $policy = fn (): string => (string) $this->get('/')->headers->get('Content-Security-Policy');
        self::assertStringEndsWith("connect-src 'self'", $policy());

        config(['exchange.instruments' => ['http://127.0.0.1:8139', 'http://127.0.0.1:8140']]);
        self::assertStringEndsWith("connect-src 'self' http://127.0.0.1:8139 http://127.0.0.1:8140", $policy());
        $this->get('/')->assertSee('content="http://127.0.0.1:8139 http://127.0.0.1:8140"', false);
    }
}
