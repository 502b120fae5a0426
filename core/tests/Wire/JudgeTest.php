<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Wire;

use GrayCompass\Core\Arithmetic;
use GrayCompass\Core\Judge;
use GrayCompass\Core\Tests\Support\Knee;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the core answers where only text goes in and comes out. */
final class JudgeTest extends TestCase
{
    public function test_a_problem_is_weighed_up_as_the_arithmetic_weighs_it(): void
    {
        $problem = self::asked(['assess' => Knee::hurt()->document()])['assessment']['weighing'];
        $answer = self::asked(['weighUp' => $problem, 'condition' => 'acl', 'order' => ['lachman']]);
        $arithmetic = new Arithmetic;
        $weighed = $arithmetic->weigh(json_decode((string) json_encode($problem)));
        self::assertEquals(
            json_decode((string) json_encode($arithmetic->weighUp($weighed, 'acl', ['lachman'])), true),
            $answer['weighedUp'],
        );
    }

    /**
     * @return iterable<string, array{array<string, mixed>, string}>
     */
    public static function beginnings(): iterable
    {
        $fresh = ['route' => 'clinic_core', 'daysSinceInjury' => 0, 'ageYears' => 22];
        yield 'a fresh injury' => [$fresh, 'acute_trauma'];
        yield 'months ago' => [[...$fresh, 'daysSinceInjury' => 90], 'older_trauma'];
        yield 'without an injury' => [[...$fresh, 'daysSinceInjury' => null], 'gradual'];
        yield 'without an injury, at 61' => [[...$fresh, 'daysSinceInjury' => null, 'ageYears' => 61], 'older_knee'];
        yield 'as the team begins' => [[...$fresh, 'ofTeam' => 'specialist'], 'specialist'];
        yield 'on the touchline, whatever the team begins with' => [
            [...$fresh, 'route' => 'touchline', 'ofTeam' => 'specialist'], 'touchline',
        ];
    }

    /**
     * @param  array<string, mixed>  $begin
     */
    #[DataProvider('beginnings')]
    public function test_an_examination_begins_with_the_setting_of_its_facts(array $begin, string $setting): void
    {
        $begins = self::asked(['begin' => $begin])['begins'];
        self::assertSame($setting, $begins['setting'] ?? null);
        $document = [...Knee::hurt()->document(), ...$begins];
        self::assertArrayHasKey('assessment', self::asked(['assess' => $document]));
    }

    public function test_what_a_test_is_worth_is_told_by_counts_and_refused_by_place(): void
    {
        $counts = ['truePositive' => 81, 'falsePositive' => 1, 'falseNegative' => 182, 'trueNegative' => 99];
        $rates = self::asked(['rates' => ['counts' => $counts]])['rates'];
        self::assertEqualsWithDelta([81 / 263, 0.99], [$rates['sensitivity'], $rates['specificity']], 1e-12);
        $none = self::asked(['rates' => ['counts' => [...$counts, 'trueNegative' => -1]]]);
        self::assertSame('counts.trueNegative', $none['refusal']['path'] ?? null);
        self::assertSame('ratios.negative', self::asked(['rates' => ['ratios' => ['positive' => 2]]])['refusal']['path'] ?? null);
    }

    public function test_what_asks_nothing_is_refused(): void
    {
        self::assertSame('', self::asked(['tell' => 'me'])['refusal']['path'] ?? null);
        $nowhere = self::asked(['begin' => ['route' => 'scenic', 'ageYears' => 22]]);
        self::assertSame('begin.route', $nowhere['refusal']['path'] ?? null);
        self::assertSame('begin.ageYears', self::asked(['begin' => ['route' => 'touchline']])['refusal']['path'] ?? null);
    }

    /**
     * @param  array<string, mixed>  $question
     * @return array<string, array<string, mixed>|string>
     */
    private static function asked(array $question): array
    {
        $answer = json_decode((new Judge)->answer((string) json_encode($question)), true);
        self::assertIsArray($answer);

        return $answer;
    }
}
