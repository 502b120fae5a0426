<?php

declare(strict_types=1);

namespace GrayCompass\Core\Fhir;

use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Catalogue\Field;
use GrayCompass\Core\Catalogue\FieldKind;
use GrayCompass\Core\Catalogue\Questions;
use GrayCompass\Core\Knee\Condition;

/** What codes are called on paper, and what the catalogue knows of the fields of a manoeuvre. */
final readonly class Labels
{
    /** Keys of a document that hold a list of words, outside the catalogue. */
    private const LISTS = ['mechanism', 'painSite'];

    /** Keys of a document whose text is written freely. */
    private const TEXTS = [
        'id', 'athlete', 'examiner', 'examinedAt', 'signedAt', 'settingChosen', 'sport', 'level', 'whatHappened',
        'earlierInjury', 'goals', 'medication', 'plan', 'report', 'on', 'at', 'examinedOn', 'painSite', 'grade',
        'device', 'serial',
    ];

    /** Texts that are codes in another part of the document. */
    private const TEXTS_OF = ['earlierFinding' => ['what', 'by'], 'pulseChecks' => ['by']];

    /** @var array<string, string> */
    private array $questions;

    /**
     * @param  array<string, string>  $words  by code
     */
    public function __construct(public Catalogue $catalogue, private array $words, Questions $questions)
    {
        $asked = [];
        foreach ($questions->bySection as $section => $list) {
            foreach ($list as $question) {
                $asked["{$section}.{$question->key}"] = $question->ask;
            }
        }
        $this->questions = $asked;
    }

    /** Empty where the catalogue has no name for the code. */
    public function word(string $code): string
    {
        return $this->words[$code] ?? Condition::tryFrom($code)?->label() ?? '';
    }

    /** What an item of a part is called: the question that was asked, or the key where nothing was. */
    public function item(string $part, string $key): string
    {
        return $this->questions["{$part}.{$key}"] ?? $this->word($key);
    }

    public function isTextOf(string $part, string $key): bool
    {
        return \in_array($key, self::TEXTS, true) || \in_array($key, self::TEXTS_OF[$part] ?? [], true);
    }

    public function isListOf(string $key): bool
    {
        return \in_array($key, self::LISTS, true);
    }

    /** @return array<string, Field> the fields of a manoeuvre by name; nothing where there is no such manoeuvre */
    public function fields(string $manoeuvre): array
    {
        return $this->catalogue->has($manoeuvre)
            ? array_column($this->catalogue->get($manoeuvre)->fields, null, 'name')
            : [];
    }

    /** @return array<string, Field> the fields of one cell of a manoeuvre, by name */
    public function cell(string $manoeuvre): array
    {
        foreach ($this->fields($manoeuvre) as $field) {
            if ($field->kind === FieldKind::Cells) {
                return array_column($field->inner, null, 'name');
            }
        }

        return [];
    }

    /** @return array<string, string> every field of the catalogue, those of cells too */
    public function fieldNames(): array
    {
        $names = [];
        foreach ($this->allFields() as $field) {
            $names[$field->name] = $field->label;
        }

        return $names;
    }

    /** @return array<string, string> */
    public function checkNames(): array
    {
        $names = [];
        foreach ($this->catalogue->manoeuvres as $manoeuvre) {
            foreach ($manoeuvre->checks as $check) {
                $names[$check] = $this->word($check);
            }
        }

        return $names;
    }

    /** @return array<string, string> every word that a field can take */
    public function wordNames(): array
    {
        $names = [];
        foreach ($this->allFields() as $field) {
            foreach ($field->words as $word) {
                $names[$word] = $this->word($word);
            }
        }

        return $names;
    }

    /** @return iterable<Field> */
    private function allFields(): iterable
    {
        foreach ($this->catalogue->manoeuvres as $manoeuvre) {
            foreach ($manoeuvre->fields as $field) {
                yield $field;
                yield from $field->inner;
            }
        }
    }
}
