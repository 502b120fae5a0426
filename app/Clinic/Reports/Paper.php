<?php

declare(strict_types=1);

namespace App\Clinic\Reports;

use App\Clinic\Reports\Tags\Structure;
use App\Clinic\Reports\Tags\TaggedPdf;
use App\Clinic\Reports\Tags\Tagger;
use Closure;
use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Contracts\View\View;
use Illuminate\Support\Facades\Config;

/** A page in HTML as a tagged PDF on A4; nothing is fetched and nothing runs while it is made. */
final class Paper
{
    private const LANGUAGE = 'en-GB';

    /**
     * @param  Closure(): View|null  $longer  takes its place where it needs more than one sheet
     * @return string the PDF
     */
    public static function of(View $page, ?Closure $longer = null): string
    {
        [$pdf, $structure] = self::rendered($page);
        if ($longer !== null && $pdf->getCanvas()->get_page_count() > 1) {
            [$pdf, $structure] = self::rendered($longer());
        }

        return TaggedPdf::of((string) $pdf->output(), $structure, self::LANGUAGE);
    }

    /** @return array{Dompdf, Structure} */
    private static function rendered(View $page): array
    {
        $options = new Options;
        $folder = Config::string('app.papers');
        $options->setIsRemoteEnabled(false);
        $options->setIsPhpEnabled(false);
        $options->setChroot([$folder]);
        $options->setDefaultFont('DejaVu Sans');
        $options->setTempDir($folder);
        $options->setFontDir($folder);
        $options->setFontCache($folder);
        $pdf = new Dompdf($options);
        Typeface::teach($pdf);
        $pdf->setPaper('A4');
        $pdf->loadHtml($page->render());
        $structure = Tagger::listenTo($pdf);
        $pdf->render();

        return [$pdf, $structure];
    }
}
