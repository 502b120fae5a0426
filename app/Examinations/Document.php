<?php

declare(strict_types=1);

namespace App\Examinations;

use App\Models\Examination;
use App\Models\Finding;
use App\Models\Section;
use GrayCompass\Core\Findings\ExaminationReader;
use stdClass;

/** A stored examination as the document that the core reads, which is also the open file format. */
final class Document
{
    /** Stands as the reason for findings that were taken before a rule of the gate applied. */
    public const BEFORE_GATE = 'recorded before the gate';

    /** @var list<Finding> in the order of the document's list of findings */
    private array $findings = [];

    public readonly stdClass $content;

    public function __construct(Examination $examination)
    {
        $content = [
            'format' => ExaminationReader::FORMAT,
            'version' => ExaminationReader::VERSION,
            'id' => $examination->id,
            'examinedAt' => $examination->examined_at->toIso8601ZuluString(),
        ];
        if ($examination->signed_at !== null) {
            $content['signedAt'] = $examination->signed_at->toIso8601ZuluString();
        }
        foreach ($examination->sections as $section) {
            $content = $section->name === 'frame' ? [...$content, ...$section->payload] : [...$content, $section->name => $section->payload];
        }
        $content['findings'] = [];
        foreach ($examination->findings as $finding) {
            if ($finding->payload !== null) {
                $content['findings'][] = self::entry($finding);
                $this->findings[] = $finding;
            }
        }
        $this->content = self::objects($content);
    }

    /** The stored finding at a position of the document, such as `findings[3].pain`; null for other paths. */
    public function findingAt(string $path): ?Finding
    {
        return preg_match('/^findings\[(\d+)\]/', $path, $match) ? $this->findings[(int) $match[1]] ?? null : null;
    }

    /**
     * @return array<string, mixed>
     */
    private static function entry(Finding $finding): array
    {
        $entry = ['manoeuvre' => $finding->manoeuvre, 'side' => $finding->side, ...($finding->payload ?? [])];
        if ($finding->before_gate && ! isset($entry['override'])) {
            $entry['override'] = self::BEFORE_GATE;
        }

        return $entry;
    }

    /**
     * Keyed arrays as objects, so that an empty section stays an object.
     *
     * @param  array<string, mixed>  $content
     */
    private static function objects(array $content): stdClass
    {
        foreach ([...Section::NAMES, 'schools'] as $name) {
            if (isset($content[$name])) {
                $content[$name] = (object) $content[$name];
            }
        }
        $object = json_decode(json_encode((object) $content, JSON_THROW_ON_ERROR), false, 32, JSON_THROW_ON_ERROR);

        return $object instanceof stdClass ? $object : new stdClass;
    }
}
