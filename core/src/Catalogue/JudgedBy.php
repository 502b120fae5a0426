<?php

declare(strict_types=1);

namespace GrayCompass\Core\Catalogue;

use InvalidArgumentException;

/**
 * What judges a manoeuvre; for a plain answer, which value of which field is positive.
 *
 * @internal
 */
final readonly class JudgedBy
{
    /**
     * @param  string  $field  of a plain answer
     * @param  bool|string|null  $is  the value that is positive; null: another test applies
     * @param  string|null  $isNot  every other word is positive
     * @param  float|null  $over  every number above is positive, in the field's unit
     * @param  bool  $compared  what the other knee shows as well says nothing
     */
    public function __construct(
        public JudgeKind $kind,
        public string $field = '',
        public bool|string|null $is = null,
        public ?string $isNot = null,
        public ?float $over = null,
        public bool $compared = false,
    ) {
        $tests = \count(array_filter([$is, $isNot, $over], static fn (mixed $test): bool => $test !== null));
        if (($kind === JudgeKind::Answer) !== ($field !== '' && $tests === 1)) {
            throw new InvalidArgumentException('A plain answer names one field and one test of it; nothing else does.');
        }
    }
}
