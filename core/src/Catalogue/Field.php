<?php

declare(strict_types=1);

namespace GrayCompass\Core\Catalogue;

use InvalidArgumentException;

/** One thing that a manoeuvre records. */
final readonly class Field
{
    /**
     * @param  float|null  $least  of a number, in the unit that the field's name ends in
     * @param  list<string>  $words  of a choice
     * @param  list<self>  $inner  of each cell
     * @param  string  $hint  what the sign or the wording means, if it needs saying
     */
    public function __construct(
        public string $name,
        public FieldKind $kind,
        public ?float $least = null,
        public ?float $most = null,
        public array $words = [],
        public array $inner = [],
        public string $hint = '',
    ) {
        $sound = match ($kind) {
            FieldKind::Number => $least !== null && $most !== null && $least < $most,
            FieldKind::Word, FieldKind::Words => $words !== [],
            FieldKind::Cells => $inner !== [],
            FieldKind::Flag => true,
        };
        if (! $sound) {
            throw new InvalidArgumentException("Field {$name} lacks its bounds or choices.");
        }
    }

    /** Unit of a number, from the ending of the field's name; empty where it has none. */
    public function unit(): string
    {
        return match (true) {
            str_ends_with($this->name, 'Mm') => 'mm',
            str_ends_with($this->name, 'Cm') => 'cm',
            str_ends_with($this->name, 'Deg') => '°',
            str_ends_with($this->name, 'N'), $this->name === 'newtons' => 'N',
            $this->name === 'pain' || $this->name === 'endPain' => '/10',
            $this->name === 'strength' => '/5',
            default => '',
        };
    }
}
