<?php

declare(strict_types=1);

namespace App\Clinic\Reports;

use Dompdf\Dompdf;
use RuntimeException;

/** The product's typeface on paper, told to dompdf, which takes each sign from the first family that has it. */
final class Typeface
{
    private const FILES = [
        'Atkinson' => 'atkinson-hyperlegible-next-latin',
        'Atkinson Extended' => 'atkinson-hyperlegible-next-latin-ext',
    ];

    private const WEIGHTS = ['normal' => 400, 'bold' => 700];

    /** @throws RuntimeException where a file of the typeface is missing or damaged */
    public static function teach(Dompdf $pdf): void
    {
        foreach (self::FILES as $family => $file) {
            foreach (self::WEIGHTS as $weight => $number) {
                $style = ['family' => $family, 'style' => 'normal', 'weight' => $weight];
                $path = self::unpacked("{$file}-{$number}-normal", $pdf->getOptions()->getFontDir());
                if (! $pdf->getFontMetrics()->registerFont($style, "file://{$path}")) {
                    throw new RuntimeException("The typeface cannot be read from {$path}.");
                }
            }
        }
    }

    /** Unpacked once into the folder of dompdf's typefaces, whole or not at all. */
    private static function unpacked(string $name, string $folder): string
    {
        $path = "{$folder}/{$name}.ttf";
        if (is_file($path)) {
            return $path;
        }
        $packed = base_path("node_modules/@fontsource/atkinson-hyperlegible-next/files/{$name}.woff");
        if (! is_file($packed)) {
            throw new RuntimeException("The typeface is missing at {$packed}.");
        }
        $written = tempnam($folder, 'typeface-');
        file_put_contents($written, Woff::toTrueType((string) file_get_contents($packed)));
        chmod($written, 0644);
        rename($written, $path);

        return $path;
    }
}
