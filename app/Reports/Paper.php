<?php

declare(strict_types=1);

namespace App\Reports;

use Closure;
use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Contracts\View\View;

/** A page in HTML as PDF on A4; nothing is fetched and nothing runs while it is made. */
final class Paper
{
    /**
     * @param  Closure(): View|null  $longer  takes its place where it needs more than one sheet
     * @return string the PDF
     */
    public static function of(View $page, ?Closure $longer = null): string
    {
        $pdf = self::rendered($page);
        if ($longer !== null && $pdf->getCanvas()->get_page_count() > 1) {
            $pdf = self::rendered($longer());
        }

        return (string) $pdf->output();
    }

    private static function rendered(View $page): Dompdf
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

        return $pdf;
    }
}
