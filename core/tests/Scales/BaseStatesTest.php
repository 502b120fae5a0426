<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Scales;

use GrayCompass\Core\Assessor;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Scales\BaseStates;
use GrayCompass\Core\Wire\AssessmentWriter;
use PHPUnit\Framework\TestCase;

/** What is believed before any result is worked out once for each setting and age. */
final class BaseStatesTest extends TestCase
{
    public function test_what_is_kept_has_the_base_rates_of_its_setting_and_age(): void
    {
        $priors = (new Figures)->priors();
        $fitted = new BaseStates($priors);
        $kept = new BaseStates($priors, $fitted->kept());
        self::assertGreaterThan(10, \count($fitted->kept()));
        foreach ($priors->allRates() as $rates) {
            self::assertSame($fitted->of($rates)->log(), $kept->of($rates)->log());
            foreach (Condition::cases() as $k => $condition) {
                self::assertEqualsWithDelta($rates->rate($condition), $kept->of($rates)->chance($k), 1e-11, $rates->id);
            }
        }
    }

    public function test_a_knee_is_judged_the_same_whether_they_were_kept_or_not(): void
    {
        $parsed = (new Figures)->parsed();
        $kept = new Assessor(new Figures(parsed: $parsed));
        $fitted = new Assessor(new Figures(parsed: array_diff_key($parsed, [Figures::BASE_STATES => true])));
        // A child, an adult, and a knee with a tear from before, whose own base rate is given.
        foreach (['sound-knee-of-a-child', 'fresh-cruciate-tear', 'known-old-tear-new-twist'] as $name) {
            $document = json_decode((string) file_get_contents(__DIR__."/../../../examples/{$name}.json"));
            self::assertEquals(
                AssessmentWriter::write($fitted->assess($fitted->read($document))),
                AssessmentWriter::write($kept->assess($kept->read($document))),
                $name,
            );
        }
    }
}
