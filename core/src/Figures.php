<?php

declare(strict_types=1);

namespace GrayCompass\Core;

use GrayCompass\Core\Catalogue\Card;
use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Catalogue\FieldNotation;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Catalogue\ManoeuvreTrait;
use GrayCompass\Core\Catalogue\SignBook;
use GrayCompass\Core\Evidence\Baseline;
use GrayCompass\Core\Evidence\BaselineReader;
use GrayCompass\Core\Evidence\EvidenceLibrary;
use GrayCompass\Core\Evidence\EvidenceReader;
use GrayCompass\Core\Evidence\EvidenceRow;
use GrayCompass\Core\Evidence\LevelFactors;
use GrayCompass\Core\Knee\Family;
use GrayCompass\Core\Knee\Station;
use GrayCompass\Core\Simulation\Dice;
use GrayCompass\Core\Simulation\Estimates;
use GrayCompass\Core\Simulation\KneeMaker;
use RuntimeException;

/** The door to what the product ships in core/data, and the one class that reads files. Each file is read once. */
final class Figures
{
    private ?Catalogue $catalogue = null;

    private ?Baseline $baseline = null;

    private ?SignBook $signs = null;

    private ?LevelFactors $levels = null;

    /** Fingerprint of the figures that no choice changes. */
    private ?string $fixed = null;

    /** @var list<EvidenceRow>|null */
    private ?array $evidence = null;

    public function __construct(private readonly string $folder = __DIR__.'/../data')
    {
    }

    public function catalogue(): Catalogue
    {
        return $this->catalogue ??= $this->readCatalogue();
    }

    /** What each sign is called, whose own test it is, and how an athlete hears of it. */
    public function signs(): SignBook
    {
        /** @phpstan-ignore argument.type (the shipped file has this shape; a test reads all of it) */
        return $this->signs ??= SignBook::read($this->json('signs.json'));
    }

    public function levels(): LevelFactors
    {
        return $this->levels ??= LevelFactors::read($this->table('levels.csv'));
    }

    /** A short fingerprint of every figure that a chance depends on: rows in use, levels, and all of the baseline. */
    public function digest(EvidenceLibrary $evidence): string
    {
        $this->fixed ??= hash('sha256', $this->text('baseline.json').$this->text('levels.csv'));

        return substr(hash('sha256', $this->fixed.$evidence->digest()), 0, 12);
    }

    /** Draws virtual knees from these figures. */
    public function kneeMaker(Dice $dice): KneeMaker
    {
        return new KneeMaker($this->baseline(), $this->evidence(), $this->levels(), new Estimates($this->json('simulation.json')), $dice);
    }

    public function baseline(): Baseline
    {
        /** @phpstan-ignore argument.type (the shipped file has this shape; a test reads all of it) */
        return $this->baseline ??= BaselineReader::read($this->json('baseline.json'));
    }

    /**
     * @return list<EvidenceRow>
     */
    public function evidence(): array
    {
        return $this->evidence ??= array_map(EvidenceReader::row(...), $this->table('evidence.csv'));
    }

    private function readCatalogue(): Catalogue
    {
        $cards = $this->json('cards.json');
        $manoeuvres = [];
        foreach ($this->table('manoeuvres.csv') as $row) {
            $card = \is_array($cards[$row['id']] ?? null) ? $cards[$row['id']] : [];
            $manoeuvres[] = new Manoeuvre(
                $row['id'],
                Station::from($row['station']),
                Family::from($row['family']),
                (float) $row['minutes'],
                (int) $row['provocation'],
                FieldNotation::read($row['fields']),
                self::list($row['checks']),
                self::list($row['feeds']),
                str_contains($row['fields'], '(side both)'),
                new Card(...array_filter($card, is_string(...))),
                self::traits($row['traits']),
            );
        }
        usort($manoeuvres, static fn (Manoeuvre $a, Manoeuvre $b): int => $a->station->position() <=> $b->station->position());

        return new Catalogue($manoeuvres);
    }

    /**
     * @return array<array-key, mixed>
     */
    private function json(string $file): array
    {
        $value = json_decode($this->text($file), true, 32, JSON_THROW_ON_ERROR);

        return \is_array($value) ? $value : throw new RuntimeException("core/data/{$file} holds no object.");
    }

    /**
     * @return list<array<string, string>>
     */
    private function table(string $file): array
    {
        $lines = explode("\n", trim($this->text($file)));
        $head = array_map(strval(...), str_getcsv((string) array_shift($lines)));

        return array_map(static fn (string $line): array => array_combine($head, array_map(strval(...), str_getcsv($line))), $lines);
    }

    private function text(string $file): string
    {
        $text = file_get_contents("{$this->folder}/{$file}");

        return $text === false ? throw new RuntimeException("core/data/{$file} cannot be read.") : $text;
    }

    /**
     * `name` or `name:value`, parted by `;`.
     *
     * @return array<string, string>
     */
    private static function traits(string $entries): array
    {
        $traits = [];
        foreach (self::list($entries) as $entry) {
            [$name, $value] = explode(':', $entry, 2) + [1 => ''];
            $traits[ManoeuvreTrait::from($name)->value] = $value;
        }

        return $traits;
    }

    /**
     * @return list<string>
     */
    private static function list(string $entries): array
    {
        return $entries === '' ? [] : array_map(trim(...), explode(';', $entries));
    }
}
