<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Support;

use GrayCompass\Core\Assessor;
use GrayCompass\Core\Wire\AssessmentWriter;
use GrayCompass\Document\Json;
use stdClass;

/** The shipped examples with their expected assessments; `weighing` is left out, figures have six digits. */
final class Example
{
    private const FOLDER = __DIR__.'/../../../examples';

    private static ?Assessor $assessor = null;

    /**
     * @return list<string>
     */
    public static function names(): array
    {
        return array_map(
            static fn (string $file): string => basename($file, '.json'),
            glob(self::FOLDER.'/*.json') ?: [],
        );
    }

    public static function expectedFile(string $name): string
    {
        return self::FOLDER."/expected/{$name}.json";
    }

    public static function document(string $name): stdClass
    {
        return (object) (array) Json::read((string) file_get_contents(self::FOLDER."/{$name}.json"));
    }

    /**
     * @return array<string, mixed>
     */
    public static function assessed(string $name): array
    {
        $assessor = self::$assessor ??= new Assessor;
        $document = self::document($name);
        $written = AssessmentWriter::write($assessor->assess($assessor->read($document)));
        unset($written['weighing']);

        return $written;
    }

    public static function written(string $name): string
    {
        $assessed = self::assessed($name);
        array_walk_recursive($assessed, static function (mixed &$value): void {
            $value = is_float($value) ? round($value, 6) + 0.0 : $value;
        });

        return (string) json_encode(
            $assessed,
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION,
        );
    }
}
