<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination\Facts;

/**
 * Something that is so or is not so of an examination, as data tells it.
 *
 * @internal
 */
interface FactCondition
{
    /**
     * Where in the document it began to be so: the place of the finding that settled it, −1 where no finding was
     * needed, null when it is not so.
     *
     * @return int<-1, max>|null
     */
    public function since(FactSubject $seen): ?int;
}
