<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination\Schools;

/**
 * Whose teaching this examination is judged by.
 *
 * @internal
 */
final readonly class Schools
{
    /**
     * @param  SchoolBook  $book  what else could have been chosen
     */
    public function __construct(
        public SchoolBook $book,
        public School $laxity,
        public School $collateral,
        public School $effusion,
        public School $mcmurraySide,
        public School $evidence,
    ) {
    }
}
