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
            'words' => new SummaryWords($this->data->catalogue()),
            'conditions' => array_combine(array_column(Condition::cases(), 'value'), array_map(static fn (Condition $condition): string => $condition->label(), Condition::cases())),
        ])->render());
        $pdf->render();

        return (string) $pdf->output();
    }
}
