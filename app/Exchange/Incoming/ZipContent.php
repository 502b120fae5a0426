<?php

declare(strict_types=1);

namespace App\Exchange\Incoming;

use App\Clinic\AthleteFiles\TemporaryFolder;
use GrayCompass\Document\Json;
use GrayCompass\Document\Refusal;
use ZipArchive;

/** The examination documents of a zip, such as the archive of an athlete; nothing of it is unpacked onto the disk. */
final readonly class ZipContent
{
    private const MOST_FILES = 2_000;

    /** Of all documents together, in bytes: 32 MiB. */
    private const MOST_BYTES = 33_554_432;

    /** Name of a document in an archive; beside it stand its assessment and its summary. */
    private const DOCUMENT = 'document.json';

    /** @var array<string, string> texts of the documents by their names in the zip */
    public array $documents;

    /** @var list<string> names of the other files */
    public array $others;

    /** @throws Refusal where it is damaged, or larger than it may be */
    public function __construct(string $bytes)
    {
        $folder = new TemporaryFolder;
        try {
            $file = $folder->file();
            file_put_contents($file, $bytes);
            $zip = new ZipArchive;
            if ($zip->open($file, ZipArchive::RDONLY | ZipArchive::CHECKCONS) !== true) {
                throw Refusal::at('content', __('exchange.incoming.damaged_zip'));
            }
            [$this->documents, $this->others] = self::read($zip);
            $zip->close();
        } finally {
            $folder->remove();
        }
    }

    /** @return array{array<string, string>, list<string>} */
    private static function read(ZipArchive $zip): array
    {
        if ($zip->numFiles > self::MOST_FILES) {
            throw Refusal::at('content', __('exchange.incoming.too_many_files', ['most' => self::MOST_FILES]));
        }
        $documents = $others = [];
        $total = 0;
        for ($place = 0; $place < $zip->numFiles; $place++) {
            $stat = $zip->statIndex($place);
            $name = mb_scrub((string) ($stat['name'] ?? ''));
            if (str_ends_with($name, '/')) {
                continue;
            }
            if (basename($name) !== self::DOCUMENT && ! self::isLone($zip, $name)) {
                $others[] = $name;

                continue;
            }
            // By what comes out of it: the size that a zip tells of itself may be a lie.
            $text = (string) $zip->getFromIndex($place, Json::MAX_BYTES + 1);
            $total += \strlen($text);
            if ($total > self::MOST_BYTES) {
                throw Refusal::at('content', __('exchange.incoming.too_large_inside', [
                    'mb' => intdiv(self::MOST_BYTES, 1_048_576),
                ]));
            }
            $documents[$name] = $text;
        }

        return [$documents, $others];
    }

    /** A zip that a person made of documents: they have names of their own, and lie in no archive. */
    private static function isLone(ZipArchive $zip, string $name): bool
    {
        return str_ends_with(strtolower($name), '.json') && $zip->locateName('athlete.json') === false;
    }
}
