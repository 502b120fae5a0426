<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The core stands alone, and within it every step knows only the earlier ones. */
final class LayerRules
{
    private const CORE = 'GrayCompass\\Core';

    /** The order in which data flows; the first two are shared by all. */
    private const STEPS = [
        'Document', 'Knee', 'Catalogue', 'Findings', 'Safety', 'Grading', 'Evidence', 'Standing', 'Weighing', 'Verdict', 'Route', 'Plan', 'Words',
    ];

    public function testCoreStandsAlone(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace(self::CORE))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('Illuminate'), Selector::inNamespace('App'), Selector::inNamespace('Symfony'))
            ->because('the core is plain PHP and knows no framework');
    }

    /**
     * @return iterable<string, Rule>
     */
    public function testStepsKnowOnlyEarlierOnes(): iterable
    {
        foreach (self::STEPS as $position => $step) {
            $later = array_map(
                static fn (string $name) => Selector::inNamespace(self::CORE."\\{$name}"),
                array_slice(self::STEPS, $position + 1),
            );
            if ($later === []) {
                continue;
            }
            yield $step => PHPat::rule()
                ->classes(Selector::inNamespace(self::CORE."\\{$step}"))
                ->shouldNotDependOn()
                ->classes(...$later)
                ->because("{$step} comes before them, and data flows one way");
        }
    }

    public function testNoStepKnowsTheDoor(): Rule
    {
        return PHPat::rule()
            ->classes(...array_map(static fn (string $name) => Selector::inNamespace(self::CORE."\\{$name}"), self::STEPS))
            ->shouldNotDependOn()
            ->classes(
                Selector::classname(self::CORE.'\\Assessor'),
                Selector::classname(self::CORE.'\\Assessment'),
                Selector::classname(self::CORE.'\\ShippedData'),
            )
            ->because('the door opens inward');
    }
}
