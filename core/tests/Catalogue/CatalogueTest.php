<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Catalogue;

use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Catalogue\Field;
use GrayCompass\Core\Catalogue\FieldKind;
use GrayCompass\Core\Catalogue\FieldWidget;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Side;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Wire\DocumentSchema;
use InvalidArgumentException;
use OutOfBoundsException;
use PHPUnit\Framework\TestCase;

/** Manoeuvres as data: read from their files, written for screens, described by a schema. */
final class CatalogueTest extends TestCase
{
    public function test_every_manoeuvre_is_read_with_its_bounds(): void
    {
        $catalogue = $this->catalogue();
        self::assertCount(70, $catalogue->manoeuvres);
        $lachman = $catalogue->get('lachman');
        self::assertSame(
            ['supine_slight_bend', 'drawer', 0.7, 3],
            [$lachman->station->value, $lachman->family->value, $lachman->minutes, $lachman->provocation],
        );
        self::assertSame(
            ['translationMm', 'differenceBand', 'endFeel', 'endFeelFast', 'pain', 'support', 'backwardMm', 'softer'],
            array_map(static fn (Field $field): string => $field->name, $lachman->fields),
        );
        self::assertSame(
            [0.0, 40.0, 'mm'],
            [$lachman->fields[0]->least, $lachman->fields[0]->most, $lachman->fields[0]->unit],
        );
        self::assertSame(['lachman'], $lachman->feeds);
        self::assertTrue($catalogue->get('gait')->bothAtOnce);
        self::assertFalse($lachman->bothAtOnce);
    }

    public function test_the_stations_stand_in_the_order_of_the_route_with_the_sag_before_the_drawers(): void
    {
        $ids = array_map(static fn ($manoeuvre): string => $manoeuvre->id, $this->catalogue()->manoeuvres);
        $at = array_flip($ids);
        foreach (['lachman', 'anterior_drawer', 'posterior_drawer'] as $later) {
            self::assertLessThan($at[$later], $at['posterior_sag']);
        }
        self::assertLessThan($at['flexion_range'], $at['effusion_sweep']);
        self::assertSame(['distal_pulse', 'back_screen'], [$ids[0], $ids[69]]);
    }

    public function test_what_a_manoeuvre_says_of_a_field_goes_before_what_is_common(): void
    {
        $catalogue = $this->catalogue();
        $bend = static fn (string $manoeuvre): array => array_values(array_filter(
            $catalogue->get($manoeuvre)->fields,
            static fn (Field $field): bool => $field->name === 'flexionDeg',
        ));
        [$knee, $hip] = [$bend('flexion_range')[0], $bend('hip_screen')[0]];
        self::assertSame([170.0, '°', FieldWidget::ArcBend], [$knee->most, $knee->unit, $knee->widget]);
        self::assertSame([150.0, '°', FieldWidget::ArcBend], [$hip->most, $hip->unit, $hip->widget]);
        $site = $catalogue->get('valgus_30')->fields[4];
        self::assertSame(
            ['painSite', 'Where it hurts', 'pain', 0.0],
            [$site->name, $site->label, $site->when?->field, $site->when?->above],
        );
        self::assertTrue($catalogue->get('lachman')->fields[3]->seldom);
    }

    public function test_a_field_without_a_type_or_bounds_is_refused(): void
    {
        foreach ([
            [
                FieldKind::Number, FieldWidget::Ruler,
            ], [FieldKind::Word, FieldWidget::Words], [FieldKind::Cells, FieldWidget::Board],
        ] as [
            $kind,
            $widget,
        ]) {
            try {
                new Field('x', 'X', $kind, $widget);
                self::fail('it was accepted');
            } catch (InvalidArgumentException $problem) {
                self::assertNotSame('', $problem->getMessage());
            }
        }
        $this->expectException(OutOfBoundsException::class);
        $this->catalogue()->get('tickle');
    }

    public function test_a_finding_leads_back_to_its_manoeuvre(): void
    {
        self::assertSame('effusion_sweep', $this->catalogue()->feeding('effusion')?->id);
        self::assertNull($this->catalogue()->feeding('story_pop'));
    }

    public function test_every_card_says_how_and_speaks_to_the_athlete(): void
    {
        foreach ($this->catalogue()->manoeuvres as $manoeuvre) {
            $card = $manoeuvre->card;
            foreach ([$card->gist, $card->position, $card->hold, $card->movement, $card->normal, $card
                ->counts] as $text) {
                self::assertNotSame('', $text, $manoeuvre->id);
                self::assertLessThan(170, mb_strlen($text), "{$manoeuvre->id}: too long for a glance");
            }
            self::assertMatchesRegularExpression('/^“.+”$/u', $card->sayFirst, $manoeuvre->id);
            if ($manoeuvre->provocation >= 4 && $manoeuvre->station->value !== 'loaded') {
                self::assertNotSame('', $card->caution.$card->spoils, "{$manoeuvre->id} can hurt");
            }
        }
    }

    public function test_the_written_catalogue_holds_what_screens_are_drawn_from(): void
    {
        $written = (new Figures)->document();
        self::assertCount(11, $written['stations']);
        self::assertSame(['id' => 'first_look', 'label' => 'First look'], $written['stations'][0]);
        self::assertSame(array_column(Condition::cases(), 'value'), array_column($written['conditions'], 'id'));
        $mcmurray = $written['manoeuvres'][array_search('mcmurray', array_column($written['manoeuvres'], 'id'), true)];
        self::assertSame(['fullBendReached', 'fullExtensionReached', 'relaxed'], $mcmurray['checks']);
        self::assertSame('rotation', $mcmurray['fields'][0]['inner'][0]['name']);
        self::assertSame('McMurray', $mcmurray['card']['name']);
        self::assertNull($mcmurray['tick'], 'no single check decides whether it counts');
        $lachman = $written['manoeuvres'][array_search('lachman', array_column($written['manoeuvres'], 'id'), true)];
        self::assertSame('hamstringsRelaxed', $lachman['tick']);
        $settings = (new Figures)->priors()->settingLabels();
        self::assertSame('acute_trauma', $settings[0]['id']);
        self::assertCount(6, $settings);
    }

    public function test_the_schema_names_every_field_of_every_manoeuvre_and_nothing_else(): void
    {
        $schema = (new Figures)->examinationSchema();
        self::assertFalse($schema['additionalProperties']);
        self::assertSame(['format', 'version', 'setting', 'hurtSide', 'findings'], $schema['required']);
        $findings = $schema['properties']['findings']['items']['anyOf'];
        self::assertCount(70, $findings);
        foreach ($this->catalogue()->manoeuvres as $index => $manoeuvre) {
            $properties = $findings[$index]['properties'];
            self::assertSame(['const' => $manoeuvre->id], $properties['manoeuvre']);
            $always = ['manoeuvre', 'side', 'checks', 'normal', 'notDone', 'override', 'fromMemory', 'note'];
            $names = array_map(static fn (Field $field): string => $field->name, $manoeuvre->fields);
            $by = isset($properties['by']) ? ['by'] : [];
            self::assertEqualsCanonicalizing([...$always, ...$by, ...$names], array_keys($properties));
        }
        self::assertSame(26, count($schema['properties']['safety']['anyOf'][0]['properties']));
        self::assertArrayHasKey('gradualOnset', $schema['properties']['history']['anyOf'][0]['properties']);
    }

    public function test_sides_have_opposites(): void
    {
        self::assertSame(
            [Side::Right, Side::Left, Side::Both],
            array_map(static fn (Side $side): Side => $side->opposite(), Side::cases()),
        );
    }

    private function catalogue(): Catalogue
    {
        return (new Figures)->catalogue();
    }
}
