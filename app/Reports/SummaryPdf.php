<?php

declare(strict_types=1);

namespace App\Reports;

use App\Models\Examination;
use Dompdf\Dompdf;
use Dompdf\Options;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\ShippedData;

/** The summary of one examination on one page of A4. */
final class SummaryPdf
{
    public function __construct(private readonly ShippedData $data)
    {
    }

    /**
     * @param  array<string, mixed>  $assessment
     * @return string the PDF
     */
    public function render(Examination $examination, array $assessment): string
    {
        $words = new SummaryWords($this->data->catalogue());
        $options = new Options;
        $options->setIsRemoteEnabled(false);
        $options->setIsPhpEnabled(false);
        $options->setDefaultFont('DejaVu Sans');
        $options->setTempDir(storage_path('framework/cache'));
        $options->setFontCache(storage_path('framework/cache'));
        $pdf = new Dompdf($options);
        $pdf->setPaper('A4');
        $pdf->loadHtml(view('summary', [
            'examination' => $examination,
            'athlete' => $examination->episode->athlete,
            'frame' => $examination->sections->firstWhere('name', 'frame')->payload ?? [],
            'assessment' => $assessment,
            'words' => $words,
            'marked' => self::marked($examination, $words),
            'conditions' => array_combine(array_column(Condition::cases(), 'value'), array_map(static fn (Condition $condition): string => $condition->label(), Condition::cases())),
        ])->render());
        $pdf->render();

        return (string) $pdf->output();
    }

    /**
     * What was taken against the gate or before it, and what was entered afterwards, stays marked.
     *
     * @return list<string>
     */
    private static function marked(Examination $examination, SummaryWords $words): array
    {
        $lines = [];
        foreach ($examination->findings as $finding) {
            $payload = $finding->payload ?? [];
            $name = $words->manoeuvre($finding->manoeuvre);
            if (is_string($payload['override'] ?? null)) {
                $lines[] = "{$name}: taken against the gate, {$payload['override']}";
            }
            if ($finding->before_gate) {
                $lines[] = "{$name}: recorded before the gate";
            }
            if (($payload['fromMemory'] ?? false) === true) {
                $lines[] = "{$name}: entered from memory";
            }
        }

        return array_values(array_unique($lines));
    }
}
