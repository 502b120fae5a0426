<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Wire;

use GrayCompass\Core\Assessor;
use GrayCompass\Core\Tests\Support\Knee;
use GrayCompass\Core\Tests\Support\RandomDocuments;
use GrayCompass\Core\Wire\AssessmentWriter;
use GrayCompass\Document\Refusal;
use GrayCompass\Inference\Tests\Support\SeededFigures;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** Random mutations of valid documents, from a fixed seed: each is assessed, or refused with a path. */
#[Group('slow')]
final class FuzzTest extends TestCase
{
    private const DOCUMENTS = 5000;

    private const SEED = 20261123;

    private const JUNK = [null, true, '', 'soft', -1, 0, 3.5, 1e9, [], ['x'], ['a' => 1]];

    public function test_no_document_breaks_the_core(): void
    {
        $figures = new SeededFigures(self::SEED);
        $assessor = new Assessor;
        $assessed = $refused = 0;
        for ($round = 0; $round < self::DOCUMENTS; $round++) {
            $document = RandomDocuments::one($figures);
            for ($mutations = $figures->whole(0, 2); $mutations > 0; $mutations--) {
                $document = $this->mutated($document, $figures);
            }
            try {
                $this->assertSound(AssessmentWriter::write($assessor->assess($assessor->read(Knee::plain($document)))));
                $assessed++;
            } catch (Refusal $refusal) {
                self::assertNotSame('', $refusal->reason);
                self::assertNotSame('', $refusal->path, json_encode($document).$refusal->reason);
                $refused++;
            }
        }
        self::assertGreaterThan(self::DOCUMENTS / 10, min($assessed, $refused), "{$assessed} read, {$refused} refused");
    }

    /**
     * @param  array<string, mixed>  $assessment
     */
    private function assertSound(array $assessment): void
    {
        foreach ($assessment['conditions'] as $condition) {
            self::assertTrue($condition['posttest'] > 0 && $condition['posttest'] < 1);
            self::assertTrue($condition['interval'][0] <= $condition['posttest'] && $condition['posttest'] <= $condition['interval'][1]);
        }
        self::assertJson((string) json_encode($assessment, JSON_THROW_ON_ERROR));
    }

    /**
     * Somewhere in the document a value is changed, dropped, doubled or added.
     *
     * @param  array<mixed>  $document
     * @return array<mixed>
     */
    private function mutated(array $document, SeededFigures $figures): array
    {
        $keys = array_keys($document);
        $isList = array_is_list($document);
        if ($keys === []) {
            return ['x' => self::JUNK[$figures->whole(0, count(self::JUNK) - 1)]];
        }
        $key = $keys[$figures->whole(0, count($keys) - 1)];
        if (is_array($document[$key]) && $figures->whole(0, 3) > 0) {
            $document[$key] = $this->mutated($document[$key], $figures);

            return $document;
        }
        switch ($figures->whole(0, 3)) {
            case 0:
                unset($document[$key]);

                return $isList ? array_values($document) : $document;
            case 1:
                $document[] = $document[$key];

                return $document;
            default:
                $document[$key] = self::JUNK[$figures->whole(0, count(self::JUNK) - 1)];

                return $document;
        }
    }
}
