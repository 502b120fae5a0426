<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use GrayCompass\Core\Figures;
use Illuminate\Support\Facades\Config;
use RuntimeException;

/** The shipped figures as PHP's own arrays, which all workers share: parsing them anew took a tenth of a save. */
final class FiguresCache
{
    public static function figures(): Figures
    {
        $file = Config::get('app.figures');
        $parsed = is_string($file) && is_file($file) ? require $file : [];

        /** @phpstan-ignore argument.type (it is what write() wrote) */
        return new Figures(parsed: is_array($parsed) ? $parsed : []);
    }

    /** @throws RuntimeException where it cannot be written */
    public static function write(string $file): void
    {
        $text = '<?php return '.var_export((new Figures)->parsed(), true).';';
        if (file_put_contents($file, $text, LOCK_EX) === false) {
            throw new RuntimeException("{$file} cannot be written.");
        }
    }
}
