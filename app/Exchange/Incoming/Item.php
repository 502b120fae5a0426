<?php

declare(strict_types=1);

namespace App\Exchange\Incoming;

use GrayCompass\Document\Refusal;
use stdClass;

/** One examination or result of a file, or why it cannot be read. */
final readonly class Item
{
    /**
     * @param  string  $place  where it stands in the file, such as `line 3` or `entry[4].resource`
     * @param  stdClass|null  $document  an examination document that the core accepts
     * @param  array<string, mixed>  $unread  elements that nothing here has a place for, by path
     */
    private function __construct(
        public string $place,
        public Person $person,
        public ?stdClass $document = null,
        public ?Look $look = null,
        public ?Refusal $refusal = null,
        public array $unread = [],
    ) {
    }

    /** @param  array<string, mixed>  $unread */
    public static function examination(string $place, Person $person, stdClass $document, array $unread = []): self
    {
        return new self($place, $person, document: $document, unread: $unread);
    }

    public static function look(string $place, Person $person, Look $look): self
    {
        return new self($place, $person, look: $look);
    }

    public static function refused(string $place, Person $person, Refusal $why): self
    {
        return new self($place, $person, refusal: $why);
    }
}
