<?php

declare(strict_types=1);

namespace GrayCompass\Core\Catalogue;

use InvalidArgumentException;

/** One thing that a manoeuvre records. */
final readonly class Field
{
    /**
     * @param  string  $label  as it stands above its control
     * @param  float|null  $least  of a number, in `unit`
     * @param  float|null  $most  of a number, in `unit`
     * @param  string  $unit  of a number; empty where it has none
     * @param  list<string>  $words  of a choice
     * @param  list<self>  $inner  of each cell
     * @param  bool  $seldom  needed so seldom that it stands behind one tap
     * @param  FieldCondition|null  $when  asked for only then; null: always
     * @param  string  $hint  what the sign or the wording means, if it needs saying
     * @param  Instrument|null  $instrument  what can take the figure; null: hands and eyes alone
     */
    public function __construct(
        public string $name,
        public string $label,
        public FieldKind $kind,
        public FieldWidget $widget,
        public ?float $least = null,
        public ?float $most = null,
        public string $unit = '',
        public array $words = [],
        public array $inner = [],
        public bool $seldom = false,
        public ?FieldCondition $when = null,
        public string $hint = '',
        public ?Instrument $instrument = null,
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
}
