<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Catalogue;

use GrayCompass\Core\Assessor;
use GrayCompass\Core\Catalogue\Field;
use GrayCompass\Core\Catalogue\FieldKind;
use GrayCompass\Core\Catalogue\FieldWidget;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Examination\EpisodeFacts;
use GrayCompass\Core\Examination\Opening;
use GrayCompass\Core\Examination\HistoryItem;
use GrayCompass\Core\Tests\Support\Knee;
use GrayCompass\Core\Wire\AssessmentWriter;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** Nothing is asked for nothing: each field changes something that an assessment says, whatever it is. */
#[Group('slow')]
final class FieldsAreReadTest extends TestCase
{
    /** Answered for the record of the practice alone, or scored against the outcome later. */
    private const KEPT = ['handsClean', 'firstImpression'];

    private static ?Assessor $assessor = null;

    public function test_each_field_of_each_manoeuvre_is_read(): void
    {
        $unread = [];
        foreach ((new Figures)->catalogue()->manoeuvres as $manoeuvre) {
            foreach ($manoeuvre->fields as $field) {
                if ($field->kind === FieldKind::Cells) {
                    foreach ($field->inner as $inner) {
                        if (! $this->cellIsRead($manoeuvre, $inner)) {
                            $unread[] = "{$manoeuvre->id}.cells.{$inner->name}";
                        }
                    }
                } elseif (! $this->isRead($manoeuvre, $field)) {
                    $unread[] = "{$manoeuvre->id}.{$field->name}";
                }
            }
        }
        self::assertSame([], $unread);
    }

    public function test_each_question_is_read(): void
    {
        $unread = [];
        $sections = [
            'opening' => array_fill_keys(Opening::KEYS, [true, false]),
            'history' => [
                ...array_fill_keys(array_map(static fn (HistoryItem $item): string => $item->value, HistoryItem::cases()), [true, false]),
                'painNow' => [1, 8], 'painActivity' => [1, 8], 'painSite' => [['front'], ['below_kneecap']],
                'directBlowSite' => ['patella', 'medial_joint_line'],
            ],
            'episode' => [
                ...array_fill_keys(EpisodeFacts::TEXTS, ['words', 'other words']),
                'bleedingRisk' => [true, false], 'fluidDrawn' => ['clear', 'blood'], 'injectionWeeksAgo' => [2, 50],
                'fluidDrawnDaysAgo' => [0, 9], 'implant' => ['none', 'total'],
                'operated' => [['what' => 'acl', 'weeksAgo' => 3], ['what' => 'acl', 'weeksAgo' => 300]],
                'surgeonSaid' => [['on' => '2026-03-01', 'cleared' => true], ['on' => '2026-03-01', 'cleared' => false]],
            ],
        ];
        foreach ($sections as $section => $questions) {
            foreach ($questions as $key => $answers) {
                $before = $this->base();
                $assessed = array_map(function (mixed $answer) use ($section, $key, $before): string {
                    $document = $before;
                    $more = $key === 'fluidDrawnDaysAgo' ? ['fluidDrawn' => 'clear'] : [];
                    $document[$section] = [...(array) ($document[$section] ?? []), ...$more, $key => $answer];

                    return $this->assessed($document);
                }, [...$answers, ...[$answers[0]]]);
                if (count(array_unique($assessed)) === 1 && ! in_array($key, self::KEPT, true)) {
                    $unread[] = "{$section}.{$key}";
                }
            }
        }
        self::assertSame([], $unread);
    }

    private function isRead(Manoeuvre $manoeuvre, Field $field): bool
    {
        foreach ([null, 0, 1, 2] as $choice) {
            foreach ($manoeuvre->bothAtOnce ? [false] : [false, true] as $compared) {
                $beside = $choice === null ? [] : self::companions($manoeuvre, $field, $choice);
                $seen = array_map(fn (mixed $value): string => $this->assessed($this->base([[
                    'manoeuvre' => $manoeuvre->id, ...$beside, $field->name => $value,
                ]], $manoeuvre, $compared)), self::values($field));
                if (count(array_unique($seen)) > 1) {
                    return true;
                }
            }
        }

        return false;
    }

    private function cellIsRead(Manoeuvre $manoeuvre, Field $inner): bool
    {
        $cell = ['rotation' => 'outward', 'stress' => 'varus', 'familiar' => true]
            + ($inner->name === 'click' ? [] : ['click' => true, 'pain' => 4]);
        $assessed = array_map(fn (mixed $value): string => $this->assessed($this->base([[
            'manoeuvre' => $manoeuvre->id, 'cells' => [[...$cell, $inner->name => $value]],
        ]], $manoeuvre)), self::values($inner));

        return count(array_unique($assessed)) > 1;
    }

    /**
     * Other fields of the manoeuvre, such that this one can matter.
     *
     * @return array<string, mixed>
     */
    private static function companions(Manoeuvre $manoeuvre, Field $field, int $choice): array
    {
        $beside = [];
        foreach ($manoeuvre->fields as $other) {
            $rivals = ['differenceBand' => ['translationMm', 'openingMm'], 'translationMm' => ['differenceBand'], 'openingMm' => ['differenceBand']];
            $clashes = in_array($other->name, $rivals[$field->name] ?? [], true) || $other->name === 'differenceBand';
            if ($other->name !== $field->name && ! $clashes && $other->kind !== FieldKind::Cells) {
                $beside[$other->name] = self::values($other)[$choice] ?? self::values($other)[0];
            }
        }

        return $beside;
    }

    /**
     * @return list<mixed>
     */
    private static function values(Field $field): array
    {
        return match ($field->kind) {
            FieldKind::Flag => [true, false],
            FieldKind::Number => [(float) $field->least, ((float) $field->least + (float) $field->most) / 2, (float) $field->most],
            FieldKind::Word => $field->words,
            FieldKind::Words => [[], [$field->words[0]], $field->words],
            FieldKind::Cells => [],
        };
    }

    /**
     * @param  list<array<string, mixed>>  $findings
     * @return array<string, mixed>
     */
    private function base(array $findings = [], ?Manoeuvre $manoeuvre = null, bool $compared = false): array
    {
        $side = $manoeuvre?->bothAtOnce === true ? 'both' : 'left';
        $found = array_map(static fn (array $finding): array => ['side' => $side, ...$finding], $findings);
        if ($compared && $manoeuvre !== null) {
            $found[] = ['manoeuvre' => $manoeuvre->id, 'side' => 'right', ...self::otherKnee($manoeuvre)];
        }

        return [...Knee::hurt()->answered()->document(), 'findings' => $found];
    }

    /**
     * An other knee with small figures and no pain.
     *
     * @return array<string, mixed>
     */
    private static function otherKnee(Manoeuvre $manoeuvre): array
    {
        $figures = [];
        foreach ($manoeuvre->fields as $field) {
            if ($field->kind === FieldKind::Number) {
                $figures[$field->name] = $field->unit === 'N'
                    ? ((float) $field->least + (float) $field->most) / 2
                    : max((float) $field->least, min(30.0, (float) $field->most * 0.4));
            }
        }
        foreach ($manoeuvre->fields as $field) {
            if ($field->widget === FieldWidget::Pain) {
                $figures[$field->name] = 0;
            }
        }

        return $figures === [] ? ['normal' => true] : $figures;
    }

    /**
     * @param  array<string, mixed>  $document
     */
    private function assessed(array $document): string
    {
        $assessor = self::$assessor ??= new Assessor;
        $written = AssessmentWriter::write($assessor->assess($assessor->read(Knee::plain($document))));
        unset($written['weighing']);

        return (string) json_encode($written);
    }
}
