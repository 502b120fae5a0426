<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Examples;

use GrayCompass\Core\Assessor;
use GrayCompass\Core\Wire\AssessmentWriter;
use GrayCompass\Document\Json;
use PHPUnit\Framework\TestCase;

/** A whole clinic route on both knees, from the shipped example to the written assessment. */
final class WholeExaminationTest extends TestCase
{
    /** @var array<string, mixed> */
    private array $written;

    protected function setUp(): void
    {
        $assessor = new Assessor;
        $document = Json::read((string) file_get_contents(__DIR__.'/../../../examples/whole-clinic-route.json'));
        $this->written = AssessmentWriter::write($assessor->assess($assessor->read($document)));
    }

    public function test_grades_stand_for_both_knees(): void
    {
        $grades = array_column($this->written['measurements'], 'grade', 'manoeuvre');
        self::assertSame([2, 1, 0], [$grades['lachman'], $grades['anterior_drawer'], $grades['posterior_drawer']]);
        self::assertSame(
            [0, 0, 1, 0],
            [$grades['valgus_0'], $grades['varus_0'], $grades['valgus_30'], $grades['varus_30']],
        );
        $differences = array_column($this->written['measurements'], 'difference', 'manoeuvre');
        self::assertSame(
            [7.0, 4.0, -10.0],
            [$differences['lachman'], $differences['anterior_drawer'], $differences['passive_extension']],
        );
    }

    public function test_fluid_is_graded_and_blood_is_likely(): void
    {
        self::assertSame(
            ['grade' => 1.0, 'positive' => true, 'millilitres' => [5.0, 25.0], 'bloodLikely' => true],
            $this->written['effusion'],
        );
    }

    public function test_the_collateral_alone_is_loose(): void
    {
        self::assertSame([['side' => 'inner', 'reading' => 'at_30_only']], $this->written['collateralReading']);
    }

    public function test_each_condition_ends_in_its_zone_with_its_grade(): void
    {
        $zones = array_column($this->written['conditions'], 'zone', 'id');
        self::assertSame(['act', 'act'], [$zones['acl'], $zones['mcl']]);
        $grades = array_column($this->written['conditions'], 'grade', 'id');
        self::assertSame(
            [2, 0, null, 1, 0],
            [$grades['acl'], $grades['pcl'], $grades['plc'], $grades['mcl'], $grades['lcl']],
        );
        foreach ($this->written['conditions'] as $condition) {
            self::assertTrue(
                $condition['interval'][0] <= $condition['posttest']
                    && $condition['posttest'] <= $condition['interval'][1],
                $condition['id'],
            );
        }
    }

    public function test_what_is_excluded_says_why_and_stands_among_the_results_uncounted(): void
    {
        $counts = array_column($this->written['results'], 'counts', 'finding');
        foreach ($this->written['excluded'] as $excluded) {
            self::assertFalse($counts[$excluded['finding']], $excluded['finding']);
            self::assertNotSame('', $excluded['reason']);
        }
        foreach ($this->written['trace'] as $step) {
            self::assertTrue($counts[$step['finding']], $step['finding']);
            self::assertNotNull($step['source']);
        }
    }

    public function test_nothing_off_limits_or_counted_already_is_offered_next(): void
    {
        $counted = array_column(
            array_filter($this->written['results'], static fn (array $result): bool => $result['counts']),
            'finding',
        );
        foreach ($this->written['nextTests'] as $test) {
            self::assertNotContains($test['finding'], $counted);
            self::assertNotContains($test['manoeuvre'], $this->written['safety']['blocked']);
        }
    }

    public function test_off_the_touchline_nobody_asked_whether_to_play_on_and_the_gate_is_open(): void
    {
        self::assertTrue($this->written['safety']['gateOpen']);
        self::assertSame(['not_asked', []], [$this->written['plan']['play'], $this->written['plan']['playWhy']]);
        self::assertSame('out', $this->written['plan']['availability']['status']);
    }

    public function test_what_the_judgement_adds_is_written(): void
    {
        self::assertSame(
            ['kind' => 'rule', 'rule' => 'locked_knee', 'mayOverride' => false],
            ((array) $this->written['safety']['holds'])['bounce_home'],
        );
        $steps = array_column($this->written['trace'], 'level', 'finding');
        self::assertSame(['clear', 'clear'], [$steps['lachman'], $steps['anterior_drawer']]);
        $conditions = array_column($this->written['conditions'], null, 'id');
        self::assertSame(['act', 3.0], [$conditions['acl']['bare'], (float) $conditions['acl']['seriousness']]);
        self::assertNotSame('', $this->written['plan']['sendOn'][0]['question']);
        self::assertSame(
            ['from', 'to', 'after', 'why', 'hours', 'say'],
            array_keys($this->written['plan']['lookAgain']),
        );
        self::assertSame(['status', 'notThis', 'thisYes', 'activities'], array_keys($this->written['plan']['availability']));
        self::assertIsBool($this->written['nothingChanges']);
    }

    public function test_the_same_examination_gives_the_same_document_twice(): void
    {
        $first = $this->written;
        $this->setUp();
        self::assertSame(Json::write($first), Json::write($this->written));
    }
}
