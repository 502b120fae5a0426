<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Selector\SelectorInterface;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Each domain knows only what {@see Rooms} lets it know, and so does each layer inside of it. */
final class RoomRules
{
    /**
     * @return iterable<string, Rule>
     */
    public function testDomainsKnowThoseBeforeThem(): iterable
    {
        foreach (Rooms::DOMAINS as $place => $domain) {
            $later = array_slice(Rooms::DOMAINS, $place + 1);
            if ($later !== []) {
                yield $domain => self::apart($domain, array_map(self::room(...), [...$later, 'Providers']));
            }
        }
    }

    /**
     * @return iterable<string, Rule>
     */
    public function testServicesKnowNoDoor(): iterable
    {
        foreach (Rooms::DOMAINS as $domain) {
            $doors = array_map(static fn (string $door): SelectorInterface => self::room("{$domain}\\{$door}"), Rooms::DOOR);
            yield $domain => PHPat::rule()->classes(self::room($domain))->excluding(...$doors)
                ->shouldNotDependOn()->classes(...$doors)
                ->because('what is done is done the same way, the person who knocks');
        }
    }

    /**
     * @return iterable<string, Rule>
     */
    public function testModelsKnowValuesAlone(): iterable
    {
        foreach (Rooms::DOMAINS as $domain) {
            [$models, $values] = [self::room($domain.'\\'.Rooms::MODELS), self::room($domain.'\\'.Rooms::VALUES)];
            yield "models of {$domain}" => PHPat::rule()->classes($models)
                ->shouldNotDependOn()->classes(self::room($domain))->excluding($models, $values)
                ->because('a model that knows services cannot be read alone');
            yield "values of {$domain}" => PHPat::rule()->classes($values)
                ->shouldNotDependOn()->classes(self::room($domain))->excluding($values)
                ->because('a value knows nothing but values');
        }
    }

    /**
     * @param  list<SelectorInterface>  $others
     */
    private static function apart(string $domain, array $others): Rule
    {
        return PHPat::rule()->classes(self::room($domain))
            ->shouldNotDependOn()->classes(...$others)
            ->because('arrows run one way, from the platform to the clinic');
    }

    private static function room(string $name): SelectorInterface
    {
        return Selector::inNamespace(Rooms::HOUSE.$name);
    }
}
