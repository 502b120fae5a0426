<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Wire;

use GrayCompass\Core\Assessor;
use GrayCompass\Core\Tests\Support\Knee;
use GrayCompass\Core\Tests\Support\Mutation;
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

    public function test_no_document_breaks_the_core(): void
    {
        $figures = new SeededFigures(self::SEED);
        $assessor = new Assessor;
        $assessed = $refused = 0;
        for ($round = 0; $round < self::DOCUMENTS; $round++) {
            $document = RandomDocuments::one($figures);
            for ($mutations = $figures->whole(0, 2); $mutations > 0; $mutations--) {
                $document = Mutation::of($document, $figures);
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
            self::assertTrue(
                $condition['interval'][0] <= $condition['posttest']
                    && $condition['posttest'] <= $condition['interval'][1],
            );
        }
        self::assertJson((string) json_encode($assessment, JSON_THROW_ON_ERROR));
    }
}
