<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Values;

use GrayCompass\Core\Sentences\Sentence;

/**
 * Something worth saying that moves no chance.
 *
 * @internal
 *
 * @phpstan-import-type Value from Sentence
 */
final readonly class Remark
{
    public function __construct(public string $code, public Sentence $say)
    {
    }

    /**
     * The remark that has one sentence, of its own code.
     *
     * @param  array<string, Value>  $values  by place
     */
    public static function of(string $code, array $values = []): self
    {
        return new self($code, new Sentence("remark.{$code}", $values));
    }
}
