<?php

declare(strict_types=1);

namespace GrayCompass\Core\Wire;

use DateTimeImmutable;
use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Examination\Before;
use GrayCompass\Core\Examination\EarlierFinding;
use GrayCompass\Core\Examination\EpisodeFacts;
use GrayCompass\Core\Examination\Facts\FactBook;
use GrayCompass\Core\Examination\FluidDrawn;
use GrayCompass\Core\Examination\Frame;
use GrayCompass\Core\Examination\History;
use GrayCompass\Core\Examination\HistoryItem;
use GrayCompass\Core\Examination\Implant;
use GrayCompass\Core\Examination\Interview;
use GrayCompass\Core\Examination\KneeBaseline;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Examination\Mechanism;
use GrayCompass\Core\Examination\Opening;
use GrayCompass\Core\Examination\Operation;
use GrayCompass\Core\Examination\PulseCheck;
use GrayCompass\Core\Examination\Records;
use GrayCompass\Core\Examination\Routes;
use GrayCompass\Core\Examination\SafetyAnswers;
use GrayCompass\Core\Examination\SafetyKey;
use GrayCompass\Core\Examination\Schools\SchoolBook;
use GrayCompass\Core\Examination\SurgeonsWord;
use GrayCompass\Core\Examination\SwellingOnset;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Setting;
use GrayCompass\Core\Knee\Side;
use GrayCompass\Document\FaultKind;
use GrayCompass\Document\Faults;
use GrayCompass\Document\Given;
use GrayCompass\Document\Refusal;
use GrayCompass\Document\Shape\Fields;

/** Reads an examination document and refuses what cannot be an examination. */
final readonly class ExaminationReader
{
    public const FORMAT = ExaminationShape::FORMAT;

    public const VERSION = ExaminationShape::VERSION;

    private Fields $shape;

    private PastReader $past;

    public function __construct(
        private Catalogue $catalogue,
        private FactBook $facts,
        private SchoolBook $schools,
        private Routes $routes,
    ) {
        $this->shape = ExaminationShape::of($catalogue, $schools, $routes);
        $this->past = new PastReader($catalogue, $facts, $routes);
    }

    /**
     * @param  mixed  $document  decoded JSON, objects as objects
     *
     * @throws Refusal naming the first wrong place
     */
    public function read(mixed $document): KneeExamination
    {
        $faults = new Faults($document);
        $this->shape->check($document, '', $faults);
        $given = Given::in($document);
        $days = $given->natural('daysSinceInjury');
        $hours = $given->number('hoursSinceInjury');
        self::refuseMismatch($faults, $days, $hours);
        $day = self::day($given, $faults);
        self::refuseOldBaseline($given, $day, $faults);
        if ($days !== null && $this->routes->find($given->text('route'))?->isBaseline() === true) {
            $faults->add(FaultKind::Value, 'route', 'a baseline is of sound knees: there is no injury');
        }
        RecordReader::refuse($given, $faults, $given->text('hurtSide'));
        PastReader::refuse($given, $faults);
        $faults->refuse();

        $stated = Setting::from($given->text('setting'));
        $chosen = $given->text('settingChosen');
        $setting = $chosen === '' && $stated->followsDays() ? Setting::byDays($days) : $stated;
        $history = self::history($given->inner('history'));
        $dayIsMissing = $days === null && $history->tellsInjury();

        $hurtSide = Side::from($given->text('hurtSide'));

        $frame = new Frame(
            setting: $setting,
            hurtSide: $hurtSide,
            route: $this->routes->get($given->text('route')),
            schools: $this->schools->chosen($given->inner('schools')->text(...)),
            daysSinceInjury: $dayIsMissing ? KneeExamination::DAY_TAKEN : $days,
            hoursSinceInjury: $hours,
            ageYears: $given->whole('ageYears'),
            otherKneeReliable: $given->answer('otherKneeReliable') ?? true,
            timeLimitMin: $given->number('timeLimitMin'),
            firstImpression: Condition::tryFrom($given->text('firstImpression')),
            examinedOn: $day,
            settingChosen: $chosen,
            settingMoved: $setting !== $stated,
            dayIsMissing: $dayIsMissing,
        );
        $interview = self::interview($given, $history);

        return new KneeExamination(
            $frame,
            $interview,
            new Records(RecordReader::read($given, $this->catalogue), $hurtSide),
            $this->before($given, $frame, $interview),
            $this->facts,
        );
    }

    private static function interview(Given $given, History $history): Interview
    {
        return new Interview(
            new Opening(...array_map($given->inner('opening')->answer(...), Opening::KEYS)),
            self::episode($given->inner('episode')),
            $history,
            new SafetyAnswers($given->inner('safety')->answers(array_map(
                static fn (SafetyKey $key): string => $key->value,
                SafetyKey::cases(),
            ))),
        );
    }

    private function before(Given $given, Frame $frame, Interview $interview): Before
    {
        $baseline = $this->baseline($given);

        return new Before(
            array_map(static fn (Given $entry): EarlierFinding => new EarlierFinding(
                $entry->text('what'),
                $entry->text('by'),
                $entry->text('on'),
            ), $given->items('earlierFinding')),
            array_map(static fn (Given $check): PulseCheck => new PulseCheck(
                $check->text('at'),
                $check->answer('felt') === true,
                $check->text('by'),
            ), $given->items('pulseChecks')),
            $baseline,
            $this->past->earlier($given, $frame, $interview, $baseline),
            PastReader::known($given),
        );
    }

    private function baseline(Given $given): ?KneeBaseline
    {
        if (! $given->has('baseline')) {
            return null;
        }
        $baseline = $given->inner('baseline');

        return new KneeBaseline(
            new DateTimeImmutable($baseline->text('on')),
            RecordReader::read($baseline, $this->catalogue),
            Side::from($given->text('hurtSide')),
        );
    }

    /** A knee does not stay for ever as it was. */
    private static function refuseOldBaseline(Given $given, ?DateTimeImmutable $day, Faults $faults): void
    {
        $on = $given->inner('baseline')->text('on');
        if ($day === null || preg_match('/^\d{4}-\d{2}-\d{2}$/', $on) !== 1) {
            return;
        }
        $days = (int) (new DateTimeImmutable($on))->diff($day)->format('%r%a');
        if ($days < 0 || $days > KneeBaseline::MOST_DAYS) {
            $faults->add(FaultKind::Value, 'baseline.on', 'expected a day of the two years before the examination');
        }
    }

    /** Hours count the first days only, and must say the same as the days. */
    private static function refuseMismatch(Faults $faults, ?int $days, ?float $hours): void
    {
        $reason = match (true) {
            $hours === null || $days === null => null,
            $days === 0 && $hours > 24 => 'expected at most 24 hours on the day of the injury',
            $days > 1
                && $hours < 24 * ($days - 1) => 'expected at least '.(24 * ($days - 1))." hours, {$days} days after "
                    .'the injury',
            default => null,
        };
        if ($reason !== null) {
            $faults->add(FaultKind::Value, 'hoursSinceInjury', $reason);
        }
    }

    /** The day at the head of the moment of examination; the time of day does not matter here. */
    private static function day(Given $given, Faults $faults): ?DateTimeImmutable
    {
        if (preg_match('/^(\d{4})-(\d{2})-(\d{2})/', $given->text('examinedAt'), $part) !== 1) {
            return null;
        }
        if (! checkdate((int) $part[2], (int) $part[3], (int) $part[1])) {
            $faults->add(FaultKind::Value, 'examinedAt', 'expected a date such as 2026-03-14 or 2026-03-14T09:30:00Z');

            return null;
        }

        return new DateTimeImmutable("{$part[1]}-{$part[2]}-{$part[3]}");
    }

    private static function episode(Given $episode): EpisodeFacts
    {
        $operation = $episode->inner('operated');
        $surgeon = $episode->inner('surgeonSaid');

        return new EpisodeFacts(...[
            ...array_map($episode->text(...), EpisodeFacts::TEXTS),
            $episode->answer('bleedingRisk') ?? false,
            FluidDrawn::tryFrom($episode->text('fluidDrawn')),
            $episode->natural('injectionWeeksAgo'),
            $episode->has('operated')
                ? new Operation(Condition::tryFrom($operation->text('what')), $operation->natural('weeksAgo') ?? 0)
                : null,
            $episode->natural('fluidDrawnDaysAgo'),
            Implant::tryFrom($episode->text('implant')) ?? Implant::None,
            $episode->has('surgeonSaid')
                ? new SurgeonsWord(
                    $surgeon->text('on'),
                    $surgeon->answer('cleared') === true,
                    $surgeon->text('plan'),
                )
                : null,
        ]);
    }

    private static function history(Given $story): History
    {
        return new History(
            $story->answers(array_map(static fn (HistoryItem $item): string => $item->value, HistoryItem::cases())),
            SwellingOnset::tryFrom($story->text('swellingOnset')),
            $story->has('mechanism') ? array_map(Mechanism::from(...), $story->words('mechanism')) : null,
            $story->word('directBlowSite'),
            $story->number('painNow'),
            $story->number('painActivity'),
            $story->words('painSite'),
            $story->text('painSite'),
        );
    }
}
