<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Selector\SelectorInterface;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Each room knows only what {@see Rooms} lets it know. */
final class LayerRules
{
    private const HOUSE = 'GrayCompass\\';

    /**
     * @return iterable<string, Rule>
     */
    public function testRoomsKnowOnlyWhatTheyMay(): iterable
    {
        foreach (Rooms::MAY_KNOW as $room => $known) {
            $allowed = [
                ...array_map(self::room(...), [$room, ...$known]),
                ...array_map(Selector::inNamespace(...), Rooms::LIBRARIES[$room] ?? []),
                ...array_map(self::door(...), Rooms::DOORS[$room] ?? []),
            ];
            yield $room => PHPat::rule()
                ->classes(self::room($room))
                ->canOnlyDependOn()
                ->classes(...$allowed)
                ->because('data flows one way, and a room that knows more than it needs is hard to move');
        }
    }

    private static function door(string $class): SelectorInterface
    {
        return Selector::classname(self::HOUSE.$class);
    }

    private static function room(string $name): SelectorInterface
    {
        return Selector::inNamespace(self::HOUSE.$name);
    }
}
