<?php

declare(strict_types=1);

namespace GrayCompass\Core\Simulation;

use GrayCompass\Core\Assessor;
use GrayCompass\Core\Evidence\EvidenceRow;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Plan\Referral;
use GrayCompass\Core\Safety\Place;

/**
 * Virtual knees examined twice, judged without and with what the first visit found, and again after an MRI of those who
 * were sent for one.
 */
final class VisitsRun
{
    public readonly VisitsTally $forgetting;

    public readonly VisitsTally $remembering;

    /** Knees that had an MRI after the first visit, and those of them that are sent for one again. */
    public int $imaged = 0;

    public int $imagedAgain = 0;

    private readonly KneeMaker $maker;

    private readonly Estimates $estimates;

    /** @var array<string, EvidenceRow> of an MRI, by condition */
    private readonly array $scan;

    public function __construct(
        private readonly Figures $figures,
        private readonly Assessor $assessor,
        private readonly Dice $dice,
        private readonly bool $heals,
    ) {
        [$this->forgetting, $this->remembering] = [new VisitsTally, new VisitsTally];
        $this->maker = KneeMaker::of($figures, $dice);
        $this->estimates = new Estimates($figures->simulation());
        $scan = [];
        foreach (Condition::cases() as $condition) {
            $row = $figures->references()->row("scan_mri:{$condition->value}");
            $scan += $row === null ? [] : [$condition->value => $row];
        }
        $this->scan = $scan;
    }

    public function examine(int $knees): void
    {
        for ($at = 0; $at < $knees; $at++) {
            $visits = $this->maker->twice()->partlyGuarded($this->estimates, $this->dice);
            $visits = $this->heals ? $visits->healing($this->estimates, $this->dice) : $visits;
            $first = $this->assessor->read($visits->first->decoded());
            $visits = $visits->examining($this->assessor->lastTime($first)->manoeuvres());
            $this->forgetting->take(
                $visits->second,
                $this->assessor->assess($this->assessor->read($visits->second->decoded())),
            );
            $second = $visits->remembering();
            $this->remembering->take($second, $this->assessor->assess($this->assessor->read($second->decoded())));
            if (self::isScanned($this->assessor->assess($first)->plan->sendOn)) {
                $this->imaged++;
                $known = $this->assessor->assess($this->assessor->read($this->imaged($second)->decoded()));
                $this->imagedAgain += self::isScanned($known->plan->sendOn) ? 1 : 0;
            }
        }
    }

    public function text(): string
    {
        return $this->forgetting->text('second visit alone').$this->remembering->text('with the first visit')
            ."had an MRI after the first visit: {$this->imaged}; sent for another at the second: {$this->imagedAgain}\n";
    }

    /** With an MRI two days before, right and wrong as often as its rows say. */
    private function imaged(VirtualKnee $knee): VirtualKnee
    {
        $seen = [];
        foreach ($this->scan as $condition => $row) {
            $isThere = $knee->has(Condition::from($condition));
            $chance = $isThere ? $row->sensitivity : 1 - $row->specificity;
            $seen[$condition] = $this->dice->happens($chance) ? 'present' : 'absent';
        }

        return $knee->with('known', [
            ['by' => 'mri', 'on' => '2026-11-05', 'daysAgo' => 2, 'episode' => 'this', 'results' => $seen],
        ]);
    }

    /**
     * @param  list<Referral>  $sent
     */
    private static function isScanned(array $sent): bool
    {
        return array_filter($sent, static fn (Referral $one): bool => $one->names(Place::Scan)) !== [];
    }
}
