<?php

declare(strict_types=1);

namespace GrayCompass\Core;

use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Catalogue\CatalogueReader;
use GrayCompass\Core\Catalogue\Questions;
use GrayCompass\Core\Catalogue\SignBook;
use GrayCompass\Core\Course\CourseMeasures;
use GrayCompass\Core\Evidence\EvidenceLibrary;
use GrayCompass\Core\Evidence\EvidenceReader;
use GrayCompass\Core\Evidence\EvidenceRow;
use GrayCompass\Core\Evidence\LevelFactors;
use GrayCompass\Core\Evidence\Libraries;
use GrayCompass\Core\Evidence\Priors;
use GrayCompass\Core\Evidence\PriorsReader;
use GrayCompass\Core\Evidence\References;
use GrayCompass\Core\Examination\EvidenceChoice;
use GrayCompass\Core\Examination\Facts\ConditionReader;
use GrayCompass\Core\Examination\Facts\FactBook;
use GrayCompass\Core\Examination\Routes;
use GrayCompass\Core\Examination\Schools\SchoolBook;
use GrayCompass\Core\Knee\Phase;
use GrayCompass\Core\Knee\Station;
use GrayCompass\Core\Plan\PlayRules;
use GrayCompass\Core\Safety\RuleBook;
use GrayCompass\Core\Safety\UrgencySteps;
use GrayCompass\Core\Scales\BaseStates;
use GrayCompass\Core\Sentences\Language;
use GrayCompass\Core\Sentences\Phrases;
use GrayCompass\Core\Verdict\AbnormalFindings;
use GrayCompass\Core\Verdict\AlsoConsider;
use GrayCompass\Core\Wire\CatalogueWriter;
use GrayCompass\Core\Wire\DocumentSchema;
use RuntimeException;

/** The door to what the product ships in core/data, and the one class that reads files. Each file is read once. */
final class Figures
{
    /** Under this name parsed() keeps what is worked out, and can be had again from the files. */
    public const BASE_STATES = 'baseStates';

    private ?Catalogue $catalogue = null;

    private ?Priors $priors = null;

    private ?SignBook $signs = null;

    private ?FactBook $facts = null;

    private ?AlsoConsider $considerations = null;

    private ?AbnormalFindings $abnormal = null;

    private ?PlayRules $play = null;

    private ?RuleBook $rules = null;

    private ?SchoolBook $schools = null;

    private ?Routes $routes = null;

    private ?LevelFactors $levels = null;

    private ?CourseMeasures $curves = null;

    /** What is written in English alone, beside data/words/en/athlete.json. */
    private const FOR_PRACTITIONERS = ['letter', 'next', 'plan', 'remarks', 'results'];

    /** @var array<string, Phrases> by language */
    private array $phrases = [];

    /** Fingerprint of the figures that no choice changes. */
    private ?string $fixed = null;

    /** @var list<EvidenceRow>|null */
    private ?array $evidence = null;

    private ?References $references = null;

    private ?Libraries $libraries = null;

    private ?BaseStates $baseStates = null;

    /**
     * @param  array<string, array<array-key, mixed>>  $parsed  what parsed() gave, by name of the file: those are not
     *     read again
     */
    public function __construct(
        private readonly string $folder = __DIR__.'/../data',
        private readonly array $parsed = [],
    ) {
    }

    /**
     * Every shipped file as it is read, to be kept where it costs nothing to read again. It is only as good as the files
     * were then.
     *
     * @return array<string, array<array-key, mixed>> by name of the file
     */
    public function parsed(): array
    {
        $parsed = [
            'fixed' => [$this->fixed()], 'references' => [$this->referencesPrint()], 'prints' => $this->prints(),
            self::BASE_STATES => $this->baseStates()->kept(),
        ];
        foreach (['', 'catalogue/', 'words/*/'] as $below) {
            foreach (glob("{$this->folder}/{$below}*.{json,csv}", GLOB_BRACE) ?: [] as $path) {
                $file = substr($path, \strlen($this->folder) + 1);
                $parsed[$file] = str_ends_with($file, '.csv') ? $this->table($file) : $this->json($file);
            }
        }

        return $parsed;
    }

    public function catalogue(): Catalogue
    {
        return $this->catalogue ??= $this->readCatalogue();
    }

    /**
     * All that screens are drawn from, as a document.
     *
     * @return array<string, mixed>
     */
    public function document(): array
    {
        return CatalogueWriter::write(
            $this->catalogue(),
            $this->questions(),
            $this->words(),
            $this->signs(),
            $this->priors()->settingLabels(),
            $this->schools(),
            $this->routes(),
            array_diff_key($this->json('typed.json'), ['note' => true]),
            $this->rules(),
            $this->phrases(),
        );
    }

    /**
     * The JSON Schema of the examination document, with the manoeuvres, schools and routes that are shipped.
     *
     * @return array<string, mixed>
     */
    public function examinationSchema(): array
    {
        return DocumentSchema::of($this->catalogue(), $this->schools(), $this->routes());
    }

    /** What each sign is called, whose own test it is, and how an athlete hears of it. */
    public function signs(): SignBook
    {
        /** @phpstan-ignore argument.type (the shipped file has this shape; a test reads all of it) */
        return $this->signs ??= SignBook::read($this->json('signs.json'));
    }

    /** What facts mean that rules ask for by name, and what findings answer to the gate. */
    public function facts(): FactBook
    {
        return $this->facts ??= ConditionReader::book($this->json('facts.json'), $this->json('gate.json'));
    }

    /** What else to think of, outside the nine conditions. */
    public function considerations(): AlsoConsider
    {
        /** @phpstan-ignore argument.type (a test holds the shipped file to its schema) */
        return $this->considerations ??= AlsoConsider::read($this->json('considerations.json'));
    }

    /** What speaks against going on. */
    public function play(): PlayRules
    {
        /** @phpstan-ignore argument.type (a test holds the shipped file to its schema) */
        return $this->play ??= PlayRules::read($this->json('play.json'));
    }

    /** What goes with each rule of the gate. */
    public function rules(): RuleBook
    {
        /** @var array{steps: array<string, list<array{int|null, string}>>} $urgency a test holds it to its schema */
        $urgency = $this->json('urgency.json');
        $steps = UrgencySteps::read($urgency['steps']);

        /** @phpstan-ignore argument.type (a test holds the shipped file to its schema) */
        return $this->rules ??= new RuleBook($this->json('rules.json'), $steps);
    }

    /** What forbids calling a knee sound. */
    public function abnormal(): AbnormalFindings
    {
        /** @phpstan-ignore argument.type (a test holds the shipped file to its schema) */
        return $this->abnormal ??= AbnormalFindings::read($this->json('abnormal.json'));
    }

    /** Whose teaching may be chosen. */
    public function schools(): SchoolBook
    {
        /** @phpstan-ignore argument.type (a test holds the shipped file to its schema) */
        return $this->schools ??= SchoolBook::read($this->json('schools.json'));
    }

    /** The routes that may be chosen. */
    public function routes(): Routes
    {
        /** @phpstan-ignore argument.type (a test holds the shipped file to its schema) */
        return $this->routes ??= Routes::read($this->json('routes.json'));
    }

    /** What is followed from visit to visit. */
    public function curves(): CourseMeasures
    {
        /** @phpstan-ignore argument.type (the shipped file has this shape; a test reads all of it) */
        return $this->curves ??= CourseMeasures::read($this->json('course.json'));
    }

    public function levels(): LevelFactors
    {
        return $this->levels ??= LevelFactors::read($this->table('levels.csv'));
    }

    /**
     * A short fingerprint of every figure that a chance depends on: rows in use, levels, and all of the baseline.
     *
     * @param  list<EvidenceLibrary>  $carried  of the phases of earlier visits, beside today's
     * @param  bool  $withReferences  whether scans or looks inside the joint are weighed
     */
    public function digest(EvidenceLibrary $evidence, array $carried = [], bool $withReferences = false): string
    {
        $prints = array_map($this->print(...), [$evidence, ...$carried]);

        return substr(hash('sha256', implode('', [
            $this->fixed(), ...array_unique($prints), $withReferences ? $this->referencesPrint() : '',
        ])), 0, 12);
    }

    /** What is believed before any result, by setting and age. */
    public function baseStates(): BaseStates
    {
        /** @phpstan-ignore argument.type (it is what parsed() gave) */
        return $this->baseStates ??= new BaseStates($this->priors(), $this->parsed[self::BASE_STATES] ?? []);
    }

    private function referencesPrint(): string
    {
        $known = $this->parsed['references'][0] ?? null;

        return \is_string($known) ? $known : hash('sha256', $this->text('scans.csv'));
    }

    private function print(EvidenceLibrary $evidence): string
    {
        $print = $this->parsed['prints'][$evidence->name()] ?? null;

        return \is_string($print) ? $print : $evidence->digest();
    }

    /**
     * @return array<string, string> fingerprints of the rows in use, by set and phase
     */
    private function prints(): array
    {
        $prints = [];
        foreach (EvidenceChoice::cases() as $choice) {
            foreach (Phase::cases() as $phase) {
                $library = new EvidenceLibrary($this->evidence(), $choice, $phase);
                $prints[$library->name()] = $library->digest();
            }
        }

        return $prints;
    }

    private function fixed(): string
    {
        $known = $this->parsed['fixed'][0] ?? null;

        return $this->fixed ??= \is_string($known)
            ? $known
            : hash('sha256', $this->text('priors.json').$this->text('levels.csv'));
    }

    /**
     * Working estimates on what the evidence rows do not say; only simulated knees are drawn from them.
     *
     * @return array<array-key, mixed>
     */
    public function simulation(): array
    {
        return $this->json('simulation.json');
    }

    public function priors(): Priors
    {
        /** @phpstan-ignore argument.type (the shipped file has this shape; a test reads all of it) */
        return $this->priors ??= PriorsReader::read($this->json('priors.json'));
    }

    /**
     * @return list<EvidenceRow>
     */
    public function evidence(): array
    {
        return $this->evidence ??= array_map(EvidenceReader::row(...), $this->table('evidence.csv'));
    }

    /** How well scans and looks inside the joint find each injury. */
    public function references(): References
    {
        return $this->references ??= new References(array_map(EvidenceReader::row(...), $this->table('scans.csv')));
    }

    /** The rows that apply, by chosen set and phase. */
    public function libraries(): Libraries
    {
        return $this->libraries ??= new Libraries($this->evidence());
    }

    private function readCatalogue(): Catalogue
    {
        $stations = [];
        foreach (Station::cases() as $station) {
            $stations[$station->value] = $this->json("catalogue/{$station->value}.json");
        }

        /** @phpstan-ignore argument.type, argument.type (a test holds the shipped files to their schema) */
        return (new CatalogueReader($this->json('fields.json')))->read($stations);
    }

    /** The questions asked of every knee, in the order asked. */
    public function questions(): Questions
    {
        /** @phpstan-ignore argument.type (a test holds the shipped file to its schema) */
        return Questions::read($this->json('questions.json'));
    }

    /**
     * What each code is called: words of choices, checks, reasons.
     *
     * @return array<string, string>
     */
    public function words(): array
    {
        /** @phpstan-ignore return.type (a test holds the shipped file to its schema) */
        return $this->json('words.json');
    }

    /** The words of what an athlete reads; in English those for practitioners and coaches as well. */
    public function phrases(Language $language = Language::English): Phrases
    {
        /** @phpstan-ignore argument.type (the shipped file has this shape; a test reads all of it) */
        return $this->phrases[$language->value] ??= new Phrases(array_merge(...array_map(
            fn (string $part): array => $this->json("words/{$language->value}/{$part}.json"),
            $language->isOriginal() ? ['athlete', ...self::FOR_PRACTITIONERS] : ['athlete'],
        )));
    }

    /**
     * @return array<array-key, mixed>
     */
    private function json(string $file): array
    {
        if (isset($this->parsed[$file])) {
            return $this->parsed[$file];
        }
        $value = json_decode($this->text($file), true, 32, JSON_THROW_ON_ERROR);

        return \is_array($value) ? $value : throw new RuntimeException("core/data/{$file} holds no object.");
    }

    /**
     * @return list<array<string, string>>
     */
    private function table(string $file): array
    {
        if (isset($this->parsed[$file])) {
            /** @phpstan-ignore return.type (it is what this very method gave) */
            return $this->parsed[$file];
        }
        $lines = explode("\n", trim($this->text($file)));
        $head = array_map(strval(...), str_getcsv((string) array_shift($lines)));

        return array_map(
            static fn (string $line): array => array_combine($head, array_map(strval(...), str_getcsv($line))),
            $lines,
        );
    }

    private function text(string $file): string
    {
        $text = file_get_contents("{$this->folder}/{$file}");

        return $text === false ? throw new RuntimeException("core/data/{$file} cannot be read.") : $text;
    }
}
