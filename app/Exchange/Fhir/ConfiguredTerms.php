<?php

declare(strict_types=1);

namespace App\Exchange\Fhir;

use GrayCompass\Core\Fhir\Codings;
use GrayCompass\Core\Fhir\Terms;
use GrayCompass\Document\Refusal;
use Illuminate\Support\Facades\Config;

/** The code systems as this server is told to call them, with the codes of other terminologies that its operator supplies. */
final class ConfiguredTerms
{
    /** @throws Refusal where the file cannot be read, naming its line or element */
    public static function read(): Terms
    {
        $base = Config::string('exchange.fhir_base');
        $file = Config::string('exchange.fhir_codings');
        if ($file === '') {
            return new Terms($base);
        }
        $text = is_file($file) ? file_get_contents($file, length: Codings::MAX_BYTES + 1) : false;

        return $text === false ? throw Refusal::ofTheWhole("{$file} cannot be read")
            : new Terms($base, Codings::read($text, $base));
    }
}
