<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Findings;

use GrayCompass\Core\Assessor;
use GrayCompass\Core\AssessmentWriter;
use GrayCompass\Core\Catalogue\Field;
use GrayCompass\Core\Catalogue\FieldKind;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Document\Refusal;
use GrayCompass\Core\Findings\SafetyKey;
use GrayCompass\Core\Findings\StoryItem;
use GrayCompass\Core\ShippedData;
use GrayCompass\Core\Tests\Support\Figures;
use GrayCompass\Core\Tests\Support\Knee;
use PHPUnit\Framework\TestCase;

/** Random mutations of valid documents, from a fixed seed: each is assessed, or refused with a path. */
final class FuzzTest extends TestCase
{
    private const DOCUMENTS = 5000;

    private const SEED = 20261123;

    private const JUNK = [null, true, '', 'soft', -1, 0, 3.5, 1e9, [], ['x'], ['a' => 1]];

    public function test_no_document_breaks_the_core(): void
    {
        $figures = new Figures(self::SEED);
        $assessor = new Assessor;
        $assessed = $refused = 0;
        for ($round = 0; $round < self::DOCUMENTS; $round++) {
            $document = $this->valid($figures);
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
     * @return array<string, mixed>
     */
    private function valid(Figures $figures): array
    {
        $catalogue = (new ShippedData)->catalogue()->manoeuvres;
        $findings = [];
        foreach (array_slice($figures->shuffled($catalogue), 0, $figures->whole(0, 12)) as $manoeuvre) {
            foreach ($manoeuvre->bothAtOnce ? ['both'] : ['right', 'left'] as $side) {
                $findings[] = $this->finding($manoeuvre, $side, $figures);
            }
        }
        $document = [...Knee::hurt()->document(), 'findings' => $findings, 'daysSinceInjury' => [null, 0, 4, 60][$figures->whole(0, 3)], 'ageYears' => $figures->whole(8, 70)];
        $yesNo = static fn (array $cases): array => array_map(static fn (): bool => (bool) $figures->whole(0, 1), array_flip(array_column(array_slice($figures->shuffled($cases), 0, 4), 'value')));
        $document['history'] = $yesNo(StoryItem::cases());
        if ($figures->whole(0, 4) === 0) {
            $document['safety'] = $yesNo(SafetyKey::cases());
        }

        return $document;
    }

    /**
     * @return array<string, mixed>
     */
    private function finding(Manoeuvre $manoeuvre, string $side, Figures $figures): array
    {
        $finding = ['manoeuvre' => $manoeuvre->id, 'side' => $side];
        $measures = [];
        foreach ($manoeuvre->fields as $field) {
            if ($field->name !== 'differenceBand' && $figures->whole(0, 2) > 0) {
                $measures[$field->name] = $this->value($field, $figures);
            }
        }
        $finding += $measures === [] ? ['normal' => true] : $measures;
        foreach ($manoeuvre->checks as $check) {
            $finding['checks'][$check] = $figures->whole(0, 3) > 0;
        }

        return $finding;
    }

    private function value(Field $field, Figures $figures): mixed
    {
        return match ($field->kind) {
            FieldKind::Flag => (bool) $figures->whole(0, 1),
            FieldKind::Number => round($figures->between((float) $field->least, (float) $field->most), 1),
            FieldKind::Word => $field->words[$figures->whole(0, count($field->words) - 1)],
            FieldKind::Words => array_slice($figures->shuffled($field->words), 0, $figures->whole(0, 2)),
            FieldKind::Cells => [['rotation' => 'outward', 'stress' => 'varus', 'pain' => $figures->whole(0, 3), 'click' => (bool) $figures->whole(0, 1)]],
        };
    }

    /**
     * Somewhere in the document a value is changed, dropped, doubled or added.
     *
     * @param  array<mixed>  $document
     * @return array<mixed>
     */
    private function mutated(array $document, Figures $figures): array
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
