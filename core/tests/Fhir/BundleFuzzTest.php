<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Fhir;

use DateTimeImmutable;
use GrayCompass\Core\Bundles;
use GrayCompass\Core\Tests\Support\Example;
use GrayCompass\Document\Json;
use GrayCompass\Document\Refusal;
use GrayCompass\Inference\Tests\Support\SeededFigures;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use stdClass;

/** Bundles broken at random, from a fixed seed: each is read, or refused by its element. */
#[Group('slow')]
final class BundleFuzzTest extends TestCase
{
    private const BUNDLES = 4000;

    private const SEED = 20261202;

    private const DEEPEST = 97;

    private const ODD = [
        null, 0, -1, 1e300, '', "\0a", 'x', true, false, [], '2099-01-01', 'urn:uuid:x', 3.7, '<script>', "\u{202E}txt", '../../etc',
    ];

    public function test_no_bundle_breaks_the_reader(): void
    {
        $figures = new SeededFigures(self::SEED);
        $bundles = new Bundles;
        $texts = array_map(
            static fn (string $name): string => Json::write($bundles->ofDocument(Example::document($name))),
            \array_slice(Example::names(), 0, 10),
        );
        $read = $refused = 0;
        for ($round = 0; $round < self::BUNDLES; $round++) {
            $bundle = json_decode($texts[$figures->whole(0, \count($texts) - 1)]);
            for ($times = $figures->whole(1, 3); $times > 0; $times--) {
                $bundle = self::broken($bundle, $figures);
            }
            try {
                $bundles->read($bundle, new DateTimeImmutable('2026-12-01'));
                $read++;
            } catch (Refusal $refusal) {
                self::assertNotSame('', $refusal->path, $refusal->reason);
                self::assertNotSame('', $refusal->reason);
                $refused++;
            }
        }
        self::assertGreaterThan(self::BUNDLES / 50, \min($read, $refused), "{$read} read, {$refused} refused");
    }

    /** The same with one place somewhere in it changed, left out or filled with something odd. */
    private static function broken(mixed $value, SeededFigures $figures): mixed
    {
        $inside = $value instanceof stdClass ? get_object_vars($value) : $value;
        if (! \is_array($inside)) {
            return self::ODD[$figures->whole(0, \count(self::ODD) - 1)];
        }
        $keys = array_keys($inside);
        if ($keys !== [] && $figures->whole(0, 99) < self::DEEPEST) {
            $key = $keys[$figures->whole(0, \count($keys) - 1)];
            $inside[$key] = self::broken($inside[$key], $figures);
        } else {
            $inside = match ($figures->whole(0, 2)) {
                0 => [],
                1 => \array_slice($inside, 1, preserve_keys: true),
                default => [...$inside, 'odd' => 'one'],
            };
        }

        return $value instanceof stdClass ? (object) $inside : array_values($inside);
    }
}
