<?php

declare(strict_types=1);

namespace GrayCompass\Core\Fhir;

use GrayCompass\Document\Given;
use GrayCompass\Document\Json;
use GrayCompass\Document\Refusal;
use stdClass;

/**
 * Codes of other terminologies that stand beside our own on export: none are shipped, an operator who holds a licence
 * supplies a file.
 *
 * @phpstan-type Coding array{system: string, code: string, display?: string}
 */
final readonly class Codings
{
    /** The most that a file may weigh, in bytes: 1 MiB. */
    public const MAX_BYTES = Json::MAX_BYTES;

    /** @param  array<string, list<Coding>>  $ofOurs  by `system/code`, such as `manoeuvre/lachman` */
    public function __construct(private array $ofOurs = [])
    {
    }

    /**
     * A ConceptMap (FHIR R4, JSON), or a table (CSV) of two columns: ours, such as `manoeuvre/lachman`, and theirs, such
     * as `https://terms.example|1234`.
     *
     * @param  string  $base  the address before the name of each of our own systems
     *
     * @throws Refusal naming the line or the element
     */
    public static function read(string $text, string $base = Terms::DEFAULT_BASE): self
    {
        if (\strlen($text) > self::MAX_BYTES) {
            throw Refusal::tooLarge(intdiv(self::MAX_BYTES, 1_048_576));
        }

        return new self(str_starts_with(ltrim($text, "\xEF\xBB\xBF \t\r\n"), '{')
            ? self::ofConceptMap(Json::read($text), $base) : self::ofTable($text));
    }

    /** @return list<Coding> beside our own code; mostly none */
    public function beside(Code $system, string $code): array
    {
        return $this->ofOurs["{$system->value}/{$code}"] ?? [];
    }

    /** @return array<string, list<Coding>> */
    private static function ofConceptMap(mixed $map, string $base): array
    {
        $codings = [];
        if (! $map instanceof stdClass || ($map->resourceType ?? null) !== 'ConceptMap') {
            throw Refusal::at('resourceType', 'expected a ConceptMap');
        }
        foreach (Given::in($map)->items('group') as $place => $group) {
            $ours = self::ours($group->text('source'), $base)
                ?? throw Refusal::at("group[{$place}].source", "expected one of our own systems, such as {$base}manoeuvre");
            $theirs = $group->text('target');
            if ($theirs === '') {
                throw Refusal::at("group[{$place}].target", 'expected the system of the codes');
            }
            foreach ($group->items('element') as $index => $element) {
                $path = "group[{$place}].element[{$index}]";
                if ($element->text('code') === '') {
                    throw Refusal::at("{$path}.code", 'expected a code of ours');
                }
                foreach ($element->items('target') as $target) {
                    $codings["{$ours->value}/{$element->text('code')}"][] = self::coding(
                        $theirs, $target->text('code'), $target->text('display'), "{$path}.target",
                    );
                }
            }
        }

        return $codings;
    }

    /** @return array<string, list<Coding>> */
    private static function ofTable(string $text): array
    {
        $codings = [];
        foreach (preg_split('/\r\n|\r|\n/', trim($text, "\xEF\xBB\xBF \t\r\n")) ?: [] as $place => $line) {
            $number = $place + 1;
            if (trim($line) === '' || $number === 1 && str_starts_with(strtolower($line), 'ours')) {
                continue;
            }
            $cells = array_map(
                static fn (?string $cell): string => trim((string) $cell),
                str_getcsv($line, str_contains($line, ';') ? ';' : ',', escape: ''),
            );
            [$system, $code] = [...explode('/', $cells[0], 2), ''];
            if (Code::tryFrom($system) === null || $code === '') {
                throw Refusal::at("line {$number}", 'expected a code of ours in the first column, such as manoeuvre/lachman');
            }
            $theirs = explode('|', $cells[1] ?? '', 2);
            $codings["{$system}/{$code}"][] = self::coding($theirs[0], $theirs[1] ?? '', '', "line {$number}");
        }

        return $codings;
    }

    /** @return Coding */
    private static function coding(string $system, string $code, string $display, string $path): array
    {
        if (preg_match('/^(https?:\/\/|urn:)\S+$/D', $system) !== 1 || preg_match('/^\S+( \S+)*$/D', $code) !== 1) {
            throw Refusal::at($path, 'expected a system and a code, such as https://terms.example|1234');
        }

        return ['system' => $system, 'code' => $code, ...($display === '' ? [] : ['display' => $display])];
    }

    private static function ours(string $source, string $base): ?Code
    {
        return str_starts_with($source, $base) ? Code::tryFrom(substr($source, \strlen($base))) : null;
    }
}
