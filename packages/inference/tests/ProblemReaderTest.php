<?php

declare(strict_types=1);

namespace GrayCompass\Inference\Tests;

use GrayCompass\Document\Json;
use GrayCompass\Document\Refusal;
use GrayCompass\Inference\Wire\ProblemReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use stdClass;

/** Every refusal of the weighing's input, with its path. */
final class ProblemReaderTest extends TestCase
{
    private const SOUND = '{"conditions":[{"id":"a","pretest":0.2,"pretestWeight":40,"thresholds":{"ruleOut":0.1,"act":0.8}},{"id":"b","pretest":0.1}],
        "associations":[{"between":["a","b"],"oddsRatio":2}],
        "groups":[{"id":"g","echo":0.5,"results":[{"finding":"f","outcome":"positive","targets":{"a":{"sensitivity":0.8,"specificity":0.9,"sensitivityInterval":[0.7,0.9],"spread":0.5}}}]}],
        "candidates":[{"finding":"h","group":"g","echo":0.5,"minutes":1,"targets":{"b":{"sensitivity":0.7,"specificity":0.7}}}]}';

    /**
     * @return iterable<string, array{string, mixed, string, 3?: string}> place, new value, path of the refusal, part of the reason
     */
    public static function faults(): iterable
    {
        yield 'pretest of nothing' => ['conditions.0.pretest', 0, 'conditions[0].pretest'];
        yield 'pretest of one' => ['conditions.0.pretest', 1, 'conditions[0].pretest'];
        yield 'pretest as text' => ['conditions.0.pretest', '0.2', 'conditions[0].pretest', 'number'];
        yield 'weight of nothing' => ['conditions.0.pretestWeight', 0, 'conditions[0].pretestWeight'];
        yield 'repeated condition' => ['conditions.1.id', 'a', 'conditions[1].id', 'twice'];
        yield 'thresholds crossed' => [
            'conditions.0.thresholds.ruleOut',
            0.8,
            'conditions[0].thresholds.ruleOut',
            'act',
        ];
        yield 'threshold out of range' => ['conditions.0.thresholds.act', 1, 'conditions[0].thresholds.act'];
        yield 'no conditions' => ['conditions', [], 'conditions', 'at least one'];
        yield 'association with itself' => ['associations.0.between', ['a', 'a'], 'associations[0].between', 'itself'];
        yield 'association with a stranger' => [
            'associations.0.between',
            ['a', 'z'],
            'associations[0].between[1]',
            'unknown condition z',
        ];
        yield 'pair twice' => [
            'associations',
            [['between' => ['a', 'b'], 'oddsRatio' => 2], ['between' => ['b', 'a'], 'oddsRatio' => 3]],
            'associations[1].between',
            'twice',
        ];
        yield 'odds ratio of nothing' => ['associations.0.oddsRatio', 0, 'associations[0].oddsRatio'];
        yield 'echo of one' => ['groups.0.echo', 1, 'groups[0].echo'];
        yield 'echo below nothing' => ['groups.0.echo', -0.1, 'groups[0].echo'];
        yield 'sensitivity of one' => [
            'groups.0.results.0.targets.a.sensitivity',
            1.0,
            'groups[0].results[0].targets.a.sensitivity',
        ];
        yield 'interval beside its figure' => [
            'groups.0.results.0.targets.a.sensitivityInterval',
            [0.81, 0.9],
            'groups[0].results[0].targets.a.sensitivityInterval',
            'around',
        ];
        yield 'interval of no width' => [
            'groups.0.results.0.targets.a.sensitivityInterval',
            [0.8, 0.8],
            'groups[0].results[0].targets.a.sensitivityInterval',
        ];
        yield 'interval with three ends' => [
            'groups.0.results.0.targets.a.sensitivityInterval',
            [0.7, 0.8, 0.9],
            'groups[0].results[0].targets.a.sensitivityInterval',
        ];
        yield 'interval end of one' => [
            'groups.0.results.0.targets.a.sensitivityInterval',
            [0.7, 1],
            'groups[0].results[0].targets.a.sensitivityInterval[1]',
        ];
        yield 'spread of two' => ['groups.0.results.0.targets.a.spread', 2.1, 'groups[0].results[0].targets.a.spread'];
        yield 'no targets' => [
            'groups.0.results.0.targets',
            new stdClass,
            'groups[0].results[0].targets',
            'at least one',
        ];
        yield 'unknown target' => [
            'groups.0.results.0.targets',
            ['z' => ['sensitivity' => 0.5, 'specificity' => 0.5]],
            'groups[0].results[0].targets.z',
            'unknown',
        ];
        yield 'unknown outcome' => [
            'groups.0.results.0.outcome',
            'maybe',
            'groups[0].results[0].outcome',
            'positive, negative',
        ];
        yield 'finding twice' => ['candidates.0.finding', 'f', 'candidates[0].finding', 'twice'];
        yield 'candidate with another echo' => ['candidates.0.echo', 0.4, 'candidates[0].echo', 'another echo'];
        yield 'minutes of nothing' => ['candidates.0.minutes', 0, 'candidates[0].minutes'];
        yield 'group twice' => [
            'groups',
            [['id' => 'g', 'echo' => 0.5, 'results' => []], ['id' => 'g', 'echo' => 0.5, 'results' => []]],
            'groups[1].id',
            'twice',
        ];
        yield 'unknown key' => ['groups.0.name', 'x', 'groups[0].name', 'unknown key'];
        yield 'list for object' => ['groups.0', [1], 'groups[0]', 'object'];
        yield 'object for list' => ['groups', new stdClass, 'groups', 'list'];
    }

    #[DataProvider('faults')]
    public function test_a_fault_is_refused_with_its_place(
        string $place,
        mixed $value,
        string $path,
        string $reason = '',
    ): void
    {
        $refusal = self::refusal(self::changed($place, $value));
        self::assertSame($path, $refusal->path);
        self::assertStringContainsString($reason, $refusal->reason);
    }

    public function test_the_sound_document_is_read(): void
    {
        self::assertCount(2, ProblemReader::read(Json::read(self::SOUND))->conditions);
    }

    public function test_unknown_keys_are_told_before_missing_ones_and_those_before_values(): void
    {
        $document = self::changed('conditions.0.pretest', 7);
        unset($document->groups[0]->results[0]->outcome);
        self::assertSame('groups[0].results[0].outcome', self::refusal($document)->path);
        $document->candidates[0]->note = 'x';
        self::assertSame('candidates[0].note', self::refusal($document)->path);
    }

    public function test_of_two_equal_faults_the_first_in_the_document_is_told(): void
    {
        $document = Json::read('{"groups":[{"id":"g","echo":5,"results":[]}],"conditions":[{"pretest":5,"id":"a"}]}');
        self::assertSame('groups[0].echo', self::refusal($document)->path);
    }

    public function test_too_much_is_refused(): void
    {
        $many = static fn (int $count, callable $make): array => array_map($make, range(1, $count));
        $condition = static fn (int $i): array => ['id' => "c{$i}", 'pretest' => 0.1];
        self::assertSame('conditions', self::refusal(self::changed('conditions', $many(13, $condition)))->path);
        self::assertSame(
            'groups',
            self::refusal(self::changed(
                'groups',
                $many(41, static fn (int $i): array => ['id' => "g{$i}", 'echo' => 0, 'results' => []]),
            ))->path,
        );
        $this->expectExceptionMessage('larger than 1 MiB');
        Json::read(str_repeat(' ', Json::MAX_BYTES + 1));
    }

    public function test_a_number_too_large_to_hold_is_not_finite(): void
    {
        $this->expectExceptionMessage('conditions[0].pretest: this number is too large');
        Json::read('{"conditions":[{"id":"a","pretest":1e999}]}');
    }

    public function test_what_is_no_json_is_refused(): void
    {
        $this->expectException(Refusal::class);
        Json::read('{"conditions":');
    }

    private static function changed(string $place, mixed $value): stdClass
    {
        $document = json_decode(self::SOUND, true);
        $at = &$document;
        foreach (explode('.', $place) as $key) {
            $at = &$at[$key];
        }
        $at = $value;
        unset($at);
        $changed = Json::read((string) json_encode($document));
        self::assertInstanceOf(stdClass::class, $changed);

        return $changed;
    }

    private static function refusal(mixed $document): Refusal
    {
        try {
            ProblemReader::read($document);
        } catch (Refusal $refusal) {
            return $refusal;
        }
        self::fail('nothing was refused');
    }
}
