<?php

declare(strict_types=1);

namespace GrayCompass\Core\Wire;

use DateTimeImmutable;
use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Examination\Before;
use GrayCompass\Core\Examination\EarlierVisit;
use GrayCompass\Core\Examination\Facts\FactBook;
use GrayCompass\Core\Examination\Frame;
use GrayCompass\Core\Examination\Interview;
use GrayCompass\Core\Examination\KneeBaseline;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Examination\KnownBy;
use GrayCompass\Core\Examination\KnownResult;
use GrayCompass\Core\Examination\KnownResults;
use GrayCompass\Core\Examination\Records;
use GrayCompass\Core\Examination\Routes;
use GrayCompass\Core\Examination\SafetyAnswers;
use GrayCompass\Core\Examination\SafetyKey;
use GrayCompass\Core\Examination\Treatment;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Setting;
use GrayCompass\Document\FaultKind;
use GrayCompass\Document\Faults;
use GrayCompass\Document\Given;
use GrayCompass\Document\Path;

/**
 * Reads what a document carries of the past of its knee. An earlier visit has its own findings and its own day; what it
 * does not say itself is as in today's document.
 *
 * @internal
 */
final readonly class PastReader
{
    public function __construct(private Catalogue $catalogue, private FactBook $facts, private Routes $routes)
    {
    }

    /** Notes what no shape can see: days that are no days, records that stand twice. */
    public static function refuse(Given $document, Faults $faults): void
    {
        foreach ($document->items('earlier') as $index => $visit) {
            $place = Path::index('earlier', $index);
            self::refuseDay($visit, 'examinedOn', $place, $faults);
            RecordReader::refuse($visit, $faults, $document->text('hurtSide'), Path::key($place, 'findings'));
        }
        foreach ($document->items('known') as $index => $known) {
            self::refuseDay($known, 'on', Path::index('known', $index), $faults);
        }
    }

    /**
     * @param  Frame  $today  the frame of today's examination
     * @param  Interview  $interview  of the episode, which all its visits share
     * @return list<EarlierVisit> newest first
     */
    public function earlier(Given $document, Frame $today, Interview $interview, ?KneeBaseline $baseline): array
    {
        $visits = array_map(
            fn (Given $visit): EarlierVisit => $this->visit($visit, $today, $interview, $baseline),
            $document->items('earlier'),
        );
        usort($visits, static fn (EarlierVisit $a, EarlierVisit $b): int => $a->daysAgo <=> $b->daysAgo);
        $met = $numbered = [];
        foreach ($visits as $visit) {
            $met[$visit->date()][] = $visit;
            $numbered[] = $visit->asVisitOfTheDay(\max(1, \count($met[$visit->date()])));
        }

        return $numbered;
    }

    public static function known(Given $document): KnownResults
    {
        return new KnownResults(array_map(self::result(...), $document->items('known')));
    }

    private function visit(Given $visit, Frame $today, Interview $interview, ?KneeBaseline $baseline): EarlierVisit
    {
        $on = new DateTimeImmutable(substr($visit->text('examinedOn'), 0, 10));
        $daysAgo = $visit->natural('daysAgo') ?? 0;

        return new EarlierVisit(
            $visit->text('id'),
            $on,
            $daysAgo,
            fn (): KneeExamination => $this->examination($visit, $on, $daysAgo, $today, $interview, $baseline),
        );
    }

    private function examination(
        Given $visit,
        DateTimeImmutable $on,
        int $daysAgo,
        Frame $today,
        Interview $interview,
        ?KneeBaseline $baseline,
    ): KneeExamination {
        $frame = $visit->inner('frame');
        $days = $visit->natural('daysSinceInjury')
            ?? ($today->daysSinceInjury === null ? null : \max(0, $today->daysSinceInjury - $daysAgo));
        $stated = Setting::tryFrom($frame->text('setting'));

        return new KneeExamination(
            new Frame(
                setting: $stated ?? ($today->setting->followsDays() ? Setting::byDays($days) : $today->setting),
                hurtSide: $today->hurtSide,
                route: $this->routes->get(''),
                schools: $today->schools,
                daysSinceInjury: $days,
                hoursSinceInjury: $frame->number('hoursSinceInjury'),
                ageYears: $frame->whole('ageYears') ?? $today->ageYears,
                otherKneeReliable: $frame->answer('otherKneeReliable') ?? $today->otherKneeReliable,
                examinedOn: $on,
                dayIsMissing: $today->dayIsMissing && $visit->natural('daysSinceInjury') === null,
            ),
            $frame->has('safety') ? $interview->answering(self::safety($frame->inner('safety'))) : $interview,
            new Records(RecordReader::read($visit, $this->catalogue), $today->hurtSide),
            new Before(baseline: $baseline),
            $this->facts,
        );
    }

    private static function safety(Given $answers): SafetyAnswers
    {
        return new SafetyAnswers($answers->answers(array_map(
            static fn (SafetyKey $key): string => $key->value,
            SafetyKey::cases(),
        )));
    }

    private static function result(Given $known): KnownResult
    {
        $results = [];
        foreach (Condition::cases() as $condition) {
            $shown = $known->inner('results')->text($condition->value);
            $results += $shown === '' ? [] : [$condition->value => $shown === 'present'];
        }

        return new KnownResult(
            KnownBy::from($known->text('by')),
            new DateTimeImmutable(substr($known->text('on'), 0, 10)),
            $known->natural('daysAgo') ?? 0,
            $known->text('episode') === 'before',
            $results,
            $known->text('grade'),
            Treatment::tryFrom($known->text('treated')) ?? Treatment::None,
            $known->text('report'),
        );
    }

    private static function refuseDay(Given $part, string $key, string $place, Faults $faults): void
    {
        [$year, $month, $day] = [...array_map(intval(...), explode('-', substr($part->text($key), 0, 10))), 0, 0, 0];
        if ($part->has($key) && ! checkdate($month, $day, $year)) {
            $faults->add(FaultKind::Value, Path::key($place, $key), 'expected a date such as 2026-03-14');
        }
    }
}
