<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Wire;

use GrayCompass\Core\Assessor;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Tests\Support\Knee;
use GrayCompass\Core\Tests\Support\Mutation;
use GrayCompass\Core\Tests\Support\RandomDocuments;
use GrayCompass\Core\Wire\DocumentSchema;
use GrayCompass\Document\Refusal;
use GrayCompass\Inference\Tests\Support\SeededFigures;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** The person who checks a document against the published schema is told the same as by reading it. */
final class SchemaAgreesTest extends TestCase
{
    private const DOCUMENTS = 1200;

    private const SEED = 20261127;

    /** What binds distant places together, or needs a calendar, no schema can say. */
    private const READER_ALONE = '/stands? twice|hurt knee only|hours|expected a date/';

    private static ?Validator $validator = null;

    private static ?Assessor $assessor = null;

    /**
     * @return iterable<string, array{array<string, mixed>, array<string, mixed>, bool}> document, record of the hurt knee, accepted
     */
    public static function probes(): iterable
    {
        $sound = ['translationMm' => 3];
        yield 'many days' => [['daysSinceInjury' => 40_000], $sound, false];
        yield 'many hours' => [['hoursSinceInjury' => 1e7], $sound, false];
        yield 'no day of the calendar' => [['examinedAt' => 'tomorrow'], $sound, false];
        yield 'nothing recorded' => [[], [], false];
        yield 'normal and a measure' => [[], ['normal' => true, 'translationMm' => 3], false];
        yield 'a band and a measure' => [[], ['differenceBand' => 'clear', 'translationMm' => 3], false];
        yield 'no note' => [[], ['note' => null, ...$sound], true];
        yield 'not normal' => [[], ['normal' => false, ...$sound], true];
        yield 'no override' => [[], ['override' => null, ...$sound], true];
        yield 'no checks' => [[], ['checks' => null, ...$sound], true];
        yield 'no opening' => [['opening' => null], $sound, true];
        yield 'no school' => [['schools' => ['laxity' => null]], $sound, true];
    }

    /**
     * @param  array<string, mixed>  $more
     * @param  array<string, mixed>  $record
     */
    #[DataProvider('probes')]
    public function test_where_they_differed_they_agree(array $more, array $record, bool $accepted): void
    {
        $document = [
            ...Knee::hurt()->document(),
            ...$more,
            'findings' => [['manoeuvre' => 'lachman', 'side' => 'left', ...$record]],
        ];
        self::assertSame($accepted, self::refusal($document) === null, (string) self::refusal($document)?->reason);
        self::assertSame($accepted, self::isValid($document));
    }

    #[Group('slow')]
    public function test_documents_with_one_thing_changed_are_accepted_by_both_or_neither(): void
    {
        $figures = new SeededFigures(self::SEED);
        $both = $neither = 0;
        for ($round = 0; $round < self::DOCUMENTS; $round++) {
            $document = RandomDocuments::one($figures);
            if ($figures->whole(0, 3) > 0) {
                $document = Mutation::of($document, $figures);
            }
            $refusal = self::refusal($document);
            $told = "{$refusal?->path}: {$refusal?->reason}";
            if ($refusal !== null && preg_match(self::READER_ALONE, $refusal->reason) === 1) {
                continue;
            }
            self::assertSame($refusal === null, self::isValid($document), $told.' '.json_encode($document));
            $refusal === null ? $both++ : $neither++;
        }
        self::assertGreaterThan(self::DOCUMENTS / 8, min($both, $neither), "{$both} accepted, {$neither} refused");
    }

    /**
     * @param  array<mixed>  $document
     */
    private static function refusal(array $document): ?Refusal
    {
        try {
            (self::$assessor ??= new Assessor)->read(Knee::plain($document));

            return null;
        } catch (Refusal $refusal) {
            return $refusal;
        }
    }

    /**
     * @param  array<mixed>  $document
     */
    private static function isValid(array $document): bool
    {
        if (self::$validator === null) {
            self::$validator = new Validator;
            $schema = json_decode((string) json_encode((new Figures)->examinationSchema()));
            self::$validator->resolver()?->registerRaw($schema, 'https://gray-compass.test/examination');
        }

        return self::$validator->validate(Knee::plain($document), 'https://gray-compass.test/examination')->isValid();
    }
}
