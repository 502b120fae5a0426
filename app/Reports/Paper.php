<?php

declare(strict_types=1);

namespace App\Reports;

use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Contracts\View\View;

/** A page in HTML as PDF on A4; nothing is fetched and nothing runs while it is made. */
final class Paper
{
    /** @return string the PDF */
    public static function of(View $page): string
    {
        $options = new Options;
        $options->setIsRemoteEnabled(false);
        $options->setIsPhpEnabled(false);
        $options->setDefaultFont('DejaVu Sans');
        $options->setTempDir(storage_path('framework/cache'));
        $options->setFontCache(storage_path('framework/cache'));
        $pdf = new Dompdf($options);
        $pdf->setPaper('A4');
        $pdf->loadHtml($page->render());
        $pdf->render();

        return (string) $pdf->output();
    }
}
