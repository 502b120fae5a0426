<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Fhir;

use DateTimeImmutable;
use GrayCompass\Core\Assessor;
use GrayCompass\Core\Bundles;
use GrayCompass\Core\Fhir\ReadBundle;
use GrayCompass\Core\Tests\Support\Example;
use GrayCompass\Document\Json;
use GrayCompass\Document\Refusal;
use GrayCompass\Inference\Tests\Support\SeededFigures;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use stdClass;

/** A document becomes a bundle, and the bundle the same document again. */
final class RoundTripTest extends TestCase
{
    private const SEED = 20261201;

    private static ?Bundles $bundles = null;

    #[DataProvider('examples')]
    public function test_every_example_comes_back_whole(string $name): void
    {
        $document = Example::document($name);
        $back = self::there($document);
        self::assertSame(self::sorted($document), self::sorted($back->document));
        self::assertSame([], $back->unknown);
    }

    /** @return iterable<string, array{string}> */
    public static function examples(): iterable
    {
        foreach (Example::names() as $name) {
            yield $name => [$name];
        }
    }

    #[Group('slow')]
    public function test_500_random_documents_come_back_whole(): void
    {
        $figures = new SeededFigures(self::SEED);
        $assessor = new Assessor;
        for ($read = $tried = 0; $read < 500 && $tried < 2000; $tried++) {
            $document = Json::read(Json::write(RandomRecords::one($figures)));
            self::assertInstanceOf(stdClass::class, $document);
            try {
                $assessor->read($document);
            } catch (Refusal) {
                continue;
            }
            $back = self::there($document);
            self::assertSame(self::sorted($document), self::sorted($back->document), "document {$tried}");
            self::assertSame([], $back->unknown);
            $read++;
        }
        self::assertSame(500, $read, "{$tried} documents were tried");
    }

    public function test_the_same_document_gives_the_same_identifiers(): void
    {
        $document = Example::document('whole-clinic-route');
        self::assertSame(Json::write(self::bundle($document)), Json::write(self::bundle($document)));
        $urls = array_column((array) self::bundle($document)->entry, 'fullUrl');
        self::assertSame($urls, array_unique($urls));
        self::assertMatchesRegularExpression('/^urn:uuid:[0-9a-f]{8}-[0-9a-f]{4}-5[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/', $urls[0]);
    }

    private static function there(stdClass $document): ReadBundle
    {
        return (self::$bundles ??= new Bundles)->read(self::bundle($document), new DateTimeImmutable('2026-12-01'));
    }

    private static function bundle(stdClass $document): stdClass
    {
        $bundle = Json::read(Json::write((self::$bundles ??= new Bundles)->ofDocument($document)), Bundles::MAX_BYTES);
        self::assertInstanceOf(stdClass::class, $bundle);

        return $bundle;
    }

    /** Keys in one order; objects and lists can still be told apart. */
    private static function sorted(mixed $value): mixed
    {
        if ($value instanceof stdClass) {
            $keys = get_object_vars($value);
            ksort($keys);

            return ['object' => array_map(self::sorted(...), $keys)];
        }

        return \is_array($value) ? array_map(self::sorted(...), $value) : $value;
    }
}
