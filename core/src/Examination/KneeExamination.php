<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination;

use DateTimeImmutable;
use GrayCompass\Core\Examination\Facts\FactBook;
use GrayCompass\Core\Examination\Schools\Schools;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Phase;
use GrayCompass\Core\Knee\Setting;
use GrayCompass\Core\Knee\Side;

/** A whole examination document, checked and typed. */
final readonly class KneeExamination
{
    /** Growth plates are taken as closed from here on. Working estimate. */
    public const GROWN_YEARS = 18;

    /** Blood in the joint or a tender bone is looked at on the same day below this. Working estimate. */
    private const CHILD_YEARS = 16;

    /** Asks for an X-ray of an injured knee by itself from here on. Stiell (1996). */
    private const XRAY_YEARS = 55;

    /** The day since the injury that is taken where an injury is told without its day. Working estimate. */
    public const DAY_TAKEN = 7;

    public Setting $setting;

    public Side $hurtSide;

    public Route $route;

    public ?float $timeLimitMin;

    /** @var int<0, max>|null null: came on without an injury */
    public ?int $daysSinceInjury;

    public ?float $hoursSinceInjury;

    public ?int $ageYears;

    public bool $otherKneeReliable;

    public ?Condition $firstImpression;

    public Opening $opening;

    public EpisodeFacts $episode;

    public Schools $schools;

    public History $history;

    public SafetyAnswers $safety;

    /** @var list<Record> in the order of the document, which is the order done */
    public array $records;

    public ?DateTimeImmutable $examinedOn;

    public string $settingChosen;

    public bool $settingMoved;

    /** @var list<EarlierFinding> */
    public array $earlierFindings;

    /** @var list<PulseCheck> */
    public array $pulseChecks;

    public ?KneeBaseline $baseline;

    /** @var list<EarlierVisit> of this episode, newest first */
    public array $earlier;

    public KnownResults $known;

    public bool $dayIsMissing;

    /**
     * @param  FactBook  $facts  what rules ask of the findings, by name
     */
    public function __construct(
        private Frame $frame,
        private Interview $interview,
        private Records $recorded,
        private Before $before,
        public FactBook $facts,
    ) {
        $this->setting = $frame->setting;
        $this->hurtSide = $frame->hurtSide;
        $this->route = $frame->route;
        $this->schools = $frame->schools;
        $this->timeLimitMin = $frame->timeLimitMin;
        $this->daysSinceInjury = $frame->daysSinceInjury;
        $this->hoursSinceInjury = $frame->hoursSinceInjury;
        $this->ageYears = $frame->ageYears;
        $this->otherKneeReliable = $frame->otherKneeReliable;
        $this->firstImpression = $frame->firstImpression;
        $this->examinedOn = $frame->examinedOn;
        $this->settingChosen = $frame->settingChosen;
        $this->settingMoved = $frame->settingMoved;
        $this->dayIsMissing = $frame->dayIsMissing;
        [$this->opening, $this->episode, $this->history, $this->safety] = [
            $interview->opening, $interview->episode, $interview->history, $interview->safety,
        ];
        $this->records = $recorded->all;
        [$this->earlierFindings, $this->pulseChecks, $this->baseline] = [
            $before->earlierFindings, $before->pulseChecks, $before->baseline,
        ];
        [$this->earlier, $this->known] = [$before->earlier, $before->known];
    }

    public function isAfterInjury(): bool
    {
        return $this->daysSinceInjury !== null;
    }

    public function injuredWithin(int $days): bool
    {
        return $this->daysSinceInjury !== null && $this->daysSinceInjury <= $days;
    }

    public function phase(): Phase
    {
        return Phase::of($this->dayIsMissing ? null : $this->daysSinceInjury);
    }

    /**
     * The same knee as it would be weighed on another day; a setting that follows the days goes with it.
     *
     * @param  int<0, max>  $day  since the injury
     */
    public function onDay(int $day): self
    {
        return new self($this->frame->onDay($day), $this->interview, $this->recorded, $this->before, $this->facts);
    }

    /** The same examination of a knee of which nothing else is known. */
    public function withoutPast(): self
    {
        return new self($this->frame, $this->interview, $this->recorded, $this->before->withoutPast(), $this->facts);
    }

    /** A pulse that was missing once is not trusted again, even when it is felt later. */
    public function pulseWasMissing(): bool
    {
        foreach ($this->pulseChecks as $check) {
            if (! $check->felt) {
                return true;
            }
        }

        return false;
    }

    /** The newest check did not feel it. */
    public function pulseIsMissing(): bool
    {
        $newest = $this->pulseChecks === [] ? null : $this->pulseChecks[\count($this->pulseChecks) - 1];

        return $newest?->felt === false;
    }

    /** An operation on this knee is known, at most so many weeks ago. */
    public function operatedWithinWeeks(int $weeks): bool
    {
        return ($this->episode->operated->weeksAgo ?? PHP_INT_MAX) <= $weeks;
    }

    /** Without an age, nobody is known to be grown up: rules for the young that ask for it say so themselves. */
    public function isUnder(int $years): bool
    {
        return $this->ageYears !== null && $this->ageYears < $years;
    }

    public function isAtLeast(int $years): bool
    {
        return $this->ageYears !== null && $this->ageYears >= $years;
    }

    public function isOnTouchline(): bool
    {
        return $this->setting === Setting::Touchline || $this->route->isTouchline();
    }

    public function isChild(): bool
    {
        return $this->isUnder(self::CHILD_YEARS);
    }

    public function isOfXrayAge(): bool
    {
        return $this->isAtLeast(self::XRAY_YEARS);
    }

    /** Bone near a growth plate, by age in years. */
    public function isGrowing(): bool
    {
        return $this->isUnder(self::GROWN_YEARS);
    }

    /**
     * What the hurt knee is compared with: the other one, or its own baseline where the other one says nothing of a
     * sound knee; null where there is neither.
     */
    public function compared(string $manoeuvre): ?Record
    {
        return $this->otherKneeReliable ? $this->other($manoeuvre) : $this->baseline?->record($manoeuvre);
    }

    /** What was measured on the hurt knee, or null when it was not done. */
    public function hurt(string $manoeuvre): ?Record
    {
        return $this->recorded->hurt($manoeuvre);
    }

    /** What was measured on the other knee, or null when it was not done. */
    public function other(string $manoeuvre): ?Record
    {
        return $this->recorded->other($manoeuvre);
    }

    /** What was left out on the hurt knee, with its reason. */
    public function leftOut(string $manoeuvre): ?NotDone
    {
        return $this->recorded->leftOut($manoeuvre);
    }

    /**
     * Place in the document of what was recorded or left out on the hurt knee; −1 when nothing was.
     *
     * @return int<-1, max>
     */
    public function position(string $manoeuvre): int
    {
        return $this->recorded->position($manoeuvre);
    }
}
