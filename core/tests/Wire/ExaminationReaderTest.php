<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Wire;

use GrayCompass\Core\Assessor;
use GrayCompass\Core\Examination\HistoryItem;
use GrayCompass\Core\Tests\Support\Knee;
use GrayCompass\Document\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every refusal of an examination document, with its path. */
final class ExaminationReaderTest extends TestCase
{
    /**
     * @return iterable<string, array{array<string, mixed>, string, 2?: string}> changes, path, part of the reason
     */
    public static function faults(): iterable
    {
        $found = static fn (array ...$findings): array => ['findings' => $findings];
        $lachman = ['manoeuvre' => 'lachman', 'side' => 'left'];
        yield 'another format' => [['format' => 'something/else'], 'format'];
        yield 'another version' => [['version' => 2], 'version'];
        yield 'unknown setting' => [['setting' => 'elsewhere'], 'setting', 'acute_trauma'];
        yield 'hurt on both sides' => [['hurtSide' => 'both'], 'hurtSide'];
        yield 'unknown route' => [['route' => 'scenic'], 'route'];
        yield 'days before the injury' => [['daysSinceInjury' => -1], 'daysSinceInjury', 'days'];
        yield 'half a day' => [['daysSinceInjury' => 1.5], 'daysSinceInjury', 'whole'];
        yield 'age of a tree' => [['ageYears' => 200], 'ageYears'];
        yield 'unknown impression' => [['firstImpression' => 'gout'], 'firstImpression'];
        yield 'unknown key' => [['mood' => 'good'], 'mood', 'unknown key'];
        yield 'unknown story item' => [['history' => ['hunch' => true]], 'history.hunch', 'unknown key'];
        yield 'story item as text' => [['history' => ['pop' => 'yes']], 'history.pop'];
        yield 'unknown mechanism' => [['history' => ['mechanism' => ['slipped']]], 'history.mechanism[0]'];
        yield 'mechanism twice' => [
            ['history' => ['mechanism' => ['hyperextension', 'hyperextension']]],
            'history.mechanism[1]',
            'twice',
        ];
        yield 'pain of eleven' => [['history' => ['painNow' => 11]], 'history.painNow'];
        yield 'unknown safety item' => [['safety' => ['sore' => true]], 'safety.sore'];
        yield 'unknown school' => [['schools' => ['laxity' => 'strict']], 'schools.laxity'];
        yield 'unknown opening item' => [['opening' => ['paid' => true]], 'opening.paid'];
        yield 'findings as object' => [['findings' => ['a' => 1]], 'findings', 'list'];
        yield 'unknown manoeuvre' => [
            $found(['manoeuvre' => 'tickle', 'side' => 'left', 'pain' => 1]),
            'findings[0].manoeuvre',
            'tickle',
        ];
        yield 'no side' => [$found(['manoeuvre' => 'lachman', 'translationMm' => 3]), 'findings[0].side', 'missing'];
        yield 'both sides of a knee' => [
            $found(['manoeuvre' => 'lachman', 'side' => 'both', 'translationMm' => 3]),
            'findings[0].side',
        ];
        yield 'one side of a walk' => [
            $found(['manoeuvre' => 'gait', 'side' => 'left', 'pattern' => 'normal']),
            'findings[0].side',
            'both',
        ];
        yield 'absurd measure' => [
            $found([...$lachman, 'translationMm' => 41]),
            'findings[0].translationMm',
            '0 to 40 mm',
        ];
        yield 'measure as text' => [
            $found([...$lachman, 'translationMm' => '3']),
            'findings[0].translationMm',
            'number',
        ];
        yield 'unknown end feel' => [$found([...$lachman, 'endFeel' => 'mushy']), 'findings[0].endFeel', 'firm, soft'];
        yield 'field of another manoeuvre' => [
            $found([...$lachman, 'heelRises' => true]),
            'findings[0].heelRises',
            'unknown key',
        ];
        yield 'nothing measured' => [$found($lachman), 'findings[0]', 'measure, normal or notDone'];
        yield 'checks alone' => [$found([...$lachman, 'checks' => ['thighStable' => true]]), 'findings[0]'];
        yield 'normal and measured' => [
            $found([...$lachman, 'translationMm' => 3, 'normal' => true]),
            'findings[0]',
            'only one',
        ];
        yield 'not normal' => [$found([...$lachman, 'normal' => false]), 'findings[0]'];
        yield 'unknown reason for not doing' => [$found([...$lachman, 'notDone' => 'bored']), 'findings[0].notDone'];
        yield 'unknown check' => [
            $found([...$lachman, 'translationMm' => 3, 'checks' => ['eyesShut' => true]]),
            'findings[0].checks.eyesShut',
        ];
        yield 'override too short' => [
            $found([...$lachman, 'translationMm' => 3, 'override' => 'no']),
            'findings[0].override',
            '3 to 200',
        ];
        yield 'the same twice' => [
            $found([...$lachman, 'translationMm' => 3], [...$lachman, 'translationMm' => 4]),
            'findings[1]',
            'twice',
        ];
        yield 'band on the other knee' => [
            $found(['manoeuvre' => 'lachman', 'side' => 'right', 'differenceBand' => 'same']),
            'findings[0].differenceBand',
            'hurt knee only',
        ];
        yield 'band and millimetres' => [
            $found([...$lachman, 'translationMm' => 3, 'differenceBand' => 'same']),
            'findings[0].differenceBand',
            'either',
        ];
        yield 'unknown point' => [
            $found(['manoeuvre' => 'joint_line_palpation', 'side' => 'left', 'points' => ['top']]),
            'findings[0].points[0]',
        ];
        yield 'empty cells' => [
            $found(['manoeuvre' => 'mcmurray', 'side' => 'left', 'cells' => []]),
            'findings[0].cells',
            'at least one',
        ];
        yield 'cell without rotation' => [
            $found(['manoeuvre' => 'mcmurray', 'side' => 'left', 'cells' => [['stress' => 'varus']]]),
            'findings[0].cells[0].rotation',
            'missing',
        ];
        yield 'cell twice' => [
            $found([
                'manoeuvre' => 'mcmurray',
                'side' => 'left',
                'cells' => [
                    ['rotation' => 'inward', 'stress' => 'varus'],
                    ['rotation' => 'inward', 'stress' => 'varus'],
                ],
            ]),
            'findings[0].cells[1]',
            'twice',
        ];
        yield 'finding that is none' => [$found([]), 'findings[0]'];
    }

    /**
     * @param  array<string, mixed>  $changes
     */
    #[DataProvider('faults')]
    public function test_a_fault_is_refused_with_its_place(array $changes, string $path, string $reason = ''): void
    {
        $knee = Knee::hurt();
        foreach ($changes as $key => $value) {
            $knee->with($key, $value);
        }
        self::assertSame($path, $knee->refusal()->path);
        self::assertStringContainsString($reason, $knee->refusal()->reason);
    }

    public function test_each_required_key_is_asked_for(): void
    {
        foreach (['format', 'version', 'setting', 'hurtSide', 'findings'] as $key) {
            $document = Knee::hurt()->document();
            unset($document[$key]);
            try {
                (new Assessor)->read(Knee::plain($document));
                self::fail("{$key} was not asked for");
            } catch (Refusal $refusal) {
                self::assertSame([$key, 'missing'], [$refusal->path, $refusal->reason]);
            }
        }
        $this->expectException(Refusal::class);
        (new Assessor)->read([]);
    }

    public function test_presets_stand_in_for_what_was_left_out_and_the_envelope_is_kept_apart(): void
    {
        $examination = (new Assessor)->read(Knee::plain([
            ...Knee::hurt()->document(),
            'id' => 'x',
            'athlete' => 'H07',
            'examiner' => 'AT',
            'examinedAt' => '2026-01-01',
            'daysSinceInjury' => null,
            'timeLimitMin' => null,
            'schools' => ['laxity' => 'gross_shift'], 'episode' => [
                'sport' => 'handball',
                'bleedingRisk' => true,
            ], 'firstImpression' => 'acl', 'opening' => ['consentGiven' => true],
            'history' => ['givingWay' => true, 'painNow' => 3, 'painSite' => 'inside'],
        ]));
        self::assertSame(['gross_shift', 'three_band', 'sweep_first', 'pain_site', 'cautious'], array_map(
            static fn ($school): string => $school->id,
            [
                $examination->schools->laxity,
                $examination->schools->collateral,
                $examination->schools->effusion,
                $examination->schools->mcmurraySide,
                $examination->schools->evidence,
            ],
        ));
        self::assertSame(
            [null, true, 'clinic_core', true],
            [
                $examination->daysSinceInjury,
                $examination->otherKneeReliable,
                $examination->route->id,
                $examination->opening->consentGiven,
            ],
        );
        self::assertTrue($examination->history->isYes(HistoryItem::GivingWay));
        self::assertSame(['handball', 3.0], [$examination->episode->sport, $examination->history->painNow]);
    }
}
