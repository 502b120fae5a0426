<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Support;

use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Catalogue\Field;
use GrayCompass\Core\Catalogue\FieldKind;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Examination\SafetyKey;
use GrayCompass\Core\Examination\HistoryItem;
use GrayCompass\Core\Figures;
use GrayCompass\Inference\Tests\Support\SeededFigures;

/** Valid examination documents at random, from a seed. */
final class RandomDocuments
{
    private static ?Catalogue $catalogue = null;

    /**
     * Up to twelve manoeuvres of both knees, some of the story, sometimes of the gate.
     *
     * @return array<string, mixed>
     */
    public static function one(SeededFigures $figures): array
    {
        $catalogue = (self::$catalogue ??= (new Figures)->catalogue())->manoeuvres;
        $findings = [];
        foreach (array_slice($figures->shuffled($catalogue), 0, $figures->whole(0, 12)) as $manoeuvre) {
            foreach ($manoeuvre->bothAtOnce ? ['both'] : ['right', 'left'] as $side) {
                $findings[] = self::finding($manoeuvre, $side, $figures);
            }
        }
        $document = [
            ...Knee::hurt()->document(),
            'findings' => $findings,
            'daysSinceInjury' => [null, 0, 4, 60][$figures->whole(0, 3)],
            'ageYears' => $figures->whole(8, 70),
        ];
        $yesNo = static fn (array $cases): array => array_map(
            static fn (): bool => (bool) $figures->whole(0, 1),
            array_flip(array_column(array_slice($figures->shuffled($cases), 0, 4), 'value')),
        );
        $document['history'] = $yesNo(HistoryItem::cases());
        if ($figures->whole(0, 4) === 0) {
            $document['safety'] = $yesNo(SafetyKey::cases());
        }

        return $document;
    }

    /**
     * @return array<string, mixed>
     */
    private static function finding(Manoeuvre $manoeuvre, string $side, SeededFigures $figures): array
    {
        $finding = ['manoeuvre' => $manoeuvre->id, 'side' => $side];
        $measures = [];
        foreach ($manoeuvre->fields as $field) {
            if ($field->name !== 'differenceBand' && $figures->whole(0, 2) > 0) {
                $measures[$field->name] = self::value($field, $figures);
            }
        }
        $finding += $measures === [] ? ['normal' => true] : $measures;
        foreach ($manoeuvre->checks as $check) {
            $finding['checks'][$check] = $figures->whole(0, 3) > 0;
        }

        return $finding;
    }

    private static function value(Field $field, SeededFigures $figures): mixed
    {
        return match ($field->kind) {
            FieldKind::Flag => (bool) $figures->whole(0, 1),
            FieldKind::Number => round($figures->between((float) $field->least, (float) $field->most), 1),
            FieldKind::Word => $field->words[$figures->whole(0, count($field->words) - 1)],
            FieldKind::Words => array_slice($figures->shuffled($field->words), 0, $figures->whole(0, 2)),
            FieldKind::Cells => [[
                'rotation' => 'outward',
                'stress' => 'varus',
                'pain' => $figures->whole(0, 3),
                'click' => (bool) $figures->whole(0, 1),
            ]],
        };
    }
}
