<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Support;

use GrayCompass\Core\Assessed\Assessment;
use GrayCompass\Core\Assessor;
use GrayCompass\Core\Grading\Values\Measurement;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Plan\Referral;
use GrayCompass\Core\Route\Itinerary;
use GrayCompass\Core\Route\Stop;
use GrayCompass\Core\Route\Suggestion;
use GrayCompass\Core\Safety\SafetyLine;
use GrayCompass\Core\Results\SettledResult;
use GrayCompass\Core\Verdict\ConditionVerdict;
use GrayCompass\Document\Refusal;
use PHPUnit\Framework\Assert;
use stdClass;

/** A made-up examination of a hurt left knee, built step by step. */
final class Knee
{
    public const CLEAR = [
        'deformity' => false,
        'dislocationSuspected' => false,
        'pulseOrSensationLost' => false,
        'feverOrHotRedKnee' => false,
        'cannotTakeFourSteps' => false,
        'cannotFlexTo90' => false,
        'tenderPatellaAlone' => false,
        'tenderFibularHead' => false,
    ];

    private static ?Assessor $assessor = null;

    /** @var array<string, mixed> */
    private array $document = [
        'format' => 'gray-compass/examination',
        'version' => 1,
        'setting' => 'acute_trauma',
        'hurtSide' => 'left',
        'daysSinceInjury' => 4,
        'ageYears' => 25,
        'findings' => [],
    ];

    public static function hurt(): self
    {
        return new self;
    }

    public function with(string $key, mixed $value): self
    {
        $this->document[$key] = $value;

        return $this;
    }

    /**
     * @param  array<string, mixed>  $left  what was found on the hurt knee
     * @param  array<string, mixed>|null  $right  and on the other
     */
    public function found(string $manoeuvre, array $left, ?array $right = null): self
    {
        if ($right !== null) {
            $this->document['findings'][] = ['manoeuvre' => $manoeuvre, 'side' => 'right', ...$right];
        }
        $this->document['findings'][] = ['manoeuvre' => $manoeuvre, 'side' => 'left', ...$left];

        return $this;
    }

    /**
     * @return array<string, mixed>
     */
    public function document(): array
    {
        return $this->document;
    }

    public function assessed(): Assessment
    {
        self::$assessor ??= new Assessor;

        return self::$assessor->assess(self::$assessor->read(self::plain($this->document)));
    }

    /** How the athlete walked; recorded for both legs at once. */
    public function walked(string $pattern): self
    {
        $this->document['findings'][] = ['manoeuvre' => 'gait', 'side' => 'both', 'pattern' => $pattern];

        return $this;
    }

    /**
     * What was recorded for both legs at once.
     *
     * @param  array<string, mixed>  $finding
     */
    public function both(string $manoeuvre, array $finding): self
    {
        $this->document['findings'][] = ['manoeuvre' => $manoeuvre, 'side' => 'both', ...$finding];

        return $this;
    }

    /** This knee with the gate answered no, consent given, and the story asked. */
    public function answered(): self
    {
        return $this->with('opening', ['consentGiven' => true, 'guardianConsent' => true])->with(
            'safety',
            [...self::CLEAR, ...(array) ($this->document['safety'] ?? [])],
        );
    }

    /**
     * @return list<string> `rule within`, worst first
     */
    public function sentOn(): array
    {
        return array_map(
            static fn (Referral $one): string => "{$one->rule} {$one->within->value}",
            $this->assessed()->plan->sendOn,
        );
    }

    public function verdict(Condition $condition): ConditionVerdict
    {
        return $this->assessed()->bearings->of($condition);
    }

    public function chance(Condition $condition): float
    {
        return $this->verdict($condition)->posttest();
    }

    /** Kind or rule of the hold on a manoeuvre; empty: it may be done. */
    public function hold(string $manoeuvre): string
    {
        return $this->assessed()->bearings->holds->for($manoeuvre)?->name() ?? '';
    }

    /**
     * @return list<string> manoeuvres in order
     */
    public function route(): array
    {
        return self::onTheWay($this->assessed()->route);
    }

    /**
     * @return list<string>
     */
    public static function onTheWay(Itinerary $route): array
    {
        return array_merge(...array_map(static fn (Stop $stop): array => $stop->manoeuvres, $route->stops));
    }

    /**
     * @return list<string>
     */
    public function next(): array
    {
        return array_map(
            static fn (Suggestion $one): string => $one->manoeuvre ?? (string) $one->sign,
            $this->assessed()->nextTests,
        );
    }

    public function refusal(): Refusal
    {
        try {
            $this->assessed();
        } catch (Refusal $refusal) {
            return $refusal;
        }
        Assert::fail('nothing was refused');
    }

    /**
     * A finding's outcome, with the code that excludes it: `positive`, `negative foot_moved`; empty when there is none.
     */
    public function reads(string $finding): string
    {
        foreach ($this->assessed()->bearings->results->results as $result) {
            if ($result->reading->sign === $finding) {
                return trim("{$result->reading->outcome->value} {$result->exclusion?->value}");
            }
        }

        return '';
    }

    public function result(string $finding): SettledResult
    {
        foreach ($this->assessed()->bearings->results->results as $result) {
            if ($result->reading->sign === $finding) {
                return $result;
            }
        }
        Assert::fail("there is no result {$finding}");
    }

    public function measured(string $manoeuvre): Measurement
    {
        foreach ($this->assessed()->bearings->grading->measurements as $measurement) {
            if ($measurement->manoeuvre === $manoeuvre) {
                return $measurement;
            }
        }
        Assert::fail("{$manoeuvre} was not measured");
    }

    /**
     * @return array<string, string> urgency by rule
     */
    public function lines(): array
    {
        $lines = $this->assessed()->bearings->gate->lines;

        return array_combine(
            array_map(static fn (SafetyLine $line): string => $line->rule->value, $lines),
            array_map(static fn (SafetyLine $line): string => $line->urgency->value ?? "", $lines),
        );
    }

    /**
     * @return list<string>
     */
    public function remarks(): array
    {
        return array_map(static fn ($remark): string => $remark->code, $this->assessed()->remarks);
    }

    /**
     * @param  array<string, mixed>  $document
     */
    public static function plain(array $document): mixed
    {
        foreach (['safety', 'history', 'opening', 'episode', 'schools'] as $key) {
            if (isset($document[$key]) && is_array($document[$key])) {
                $document[$key] = (object) $document[$key];
            }
        }
        foreach (is_array($document['findings'] ?? null) ? $document['findings'] : [] as $index => $finding) {
            if (is_array($finding) && isset($finding['checks']) && is_array($finding['checks'])) {
                $document['findings'][$index]['checks'] = (object) $finding['checks'];
            }
        }

        return json_decode((string) json_encode($document === [] ? new stdClass : $document));
    }
}
