<?php

declare(strict_types=1);

namespace GrayCompass\Core\Sentences;

/** Sentences under one heading. */
final readonly class Section
{
    /**
     * @param  list<Sentence>  $sentences  at least one
     */
    public function __construct(public Sentence $heading, public array $sentences)
    {
    }
}
