<?php

declare(strict_types=1);

namespace GrayCompass\Core\Wire;

use BackedEnum;
use DateTimeImmutable;
use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Findings\CollateralSchool;
use GrayCompass\Core\Findings\EarlierFinding;
use GrayCompass\Core\Findings\EffusionSchool;
use GrayCompass\Core\Findings\Episode;
use GrayCompass\Core\Findings\EvidenceChoice;
use GrayCompass\Core\Findings\Examination;
use GrayCompass\Core\Findings\FluidDrawn;
use GrayCompass\Core\Findings\LaxitySchool;
use GrayCompass\Core\Findings\McMurraySchool;
use GrayCompass\Core\Findings\Opening;
use GrayCompass\Core\Findings\Operation;
use GrayCompass\Core\Findings\PulseCheck;
use GrayCompass\Core\Findings\Route;
use GrayCompass\Core\Findings\SafetyAnswers;
use GrayCompass\Core\Findings\SafetyKey;
use GrayCompass\Core\Findings\Schools;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Knee\Setting;
use GrayCompass\Core\Knee\Side;
use GrayCompass\Document\Faults;
use GrayCompass\Document\Fields;
use GrayCompass\Document\Refusal;

/** Reads an examination document and refuses what cannot be an examination. */
final class ExaminationReader
{
    public const FORMAT = 'gray-compass/examination';

    public const VERSION = 1;

    private const REQUIRED = ['format', 'version', 'setting', 'hurtSide', 'findings'];

    private const OPTIONAL = [
        'route', 'timeLimitMin', 'daysSinceInjury', 'hoursSinceInjury', 'ageYears', 'otherKneeReliable', 'firstImpression',
        'settingChosen', 'opening', 'episode', 'schools', 'history', 'safety', 'earlierFinding', 'pulseChecks', 'id', 'athlete', 'examiner', 'examinedAt', 'signedAt',
    ];

    private const MOST_FINDINGS = 400;

    private const MOST_EARLIER = 40;

    private const MOST_PULSES = 400;

    private const MOST_DAYS = 36_500;

    /** @throws Refusal naming the first wrong place */
    public static function read(mixed $document, Catalogue $catalogue): Examination
    {
        $faults = new Faults($document);
        $fields = new Fields($document, '', $faults, self::REQUIRED, self::OPTIONAL);
        self::envelope($fields);
        $records = RecordReader::readAll($fields, self::MOST_FINDINGS, $catalogue);
        $hurtSide = Side::from($fields->word('hurtSide', [Side::Left->value, Side::Right->value]));
        RecordReader::refuseBandOnOther($fields, $records, $hurtSide);
        $days = $fields->given('daysSinceInjury') ? $fields->whole('daysSinceInjury', 0, self::MOST_DAYS, 'days') : null;
        $hours = $fields->given('hoursSinceInjury') ? $fields->within('hoursSinceInjury', 0, self::MOST_DAYS * 24, 'hours') : null;
        self::refuseMismatch($fields, $days, $hours);
        $given = self::choice($fields, 'setting', Setting::class) ?? Setting::AcuteTrauma;
        $chosen = $fields->given('settingChosen') ? $fields->text('settingChosen', 3, 200) : '';
        $setting = $chosen === '' && $given->followsDays() ? Setting::byDays($days) : $given;
        $examination = new Examination(
            $setting,
            $hurtSide,
            self::choice($fields, 'route', Route::class) ?? Route::ClinicCore,
            $fields->given('timeLimitMin') ? $fields->within('timeLimitMin', 1, 120, 'minutes') : null,
            $days,
            $hours,
            $fields->given('ageYears') ? $fields->whole('ageYears', 0, 120, 'years') : null,
            ! $fields->given('otherKneeReliable') || $fields->boolean('otherKneeReliable'),
            self::choice($fields, 'firstImpression', Condition::class),
            self::opening($fields),
            self::episode($fields),
            self::schools($fields),
            HistoryReader::read($fields),
            self::safety($fields),
            $records,
            self::day($fields),
            $chosen,
            $setting !== $given,
            self::earlier($fields),
            self::pulseChecks($fields),
        );
        $faults->refuse();

        return $examination;
    }

    private static function envelope(Fields $fields): void
    {
        if ($fields->has('format') && $fields->raw('format') !== self::FORMAT) {
            $fields->fault('format', 'expected '.self::FORMAT);
        }
        if ($fields->has('version') && $fields->raw('version') !== self::VERSION) {
            $fields->fault('version', 'expected '.self::VERSION);
        }
        foreach (['id', 'athlete', 'examiner', 'examinedAt', 'signedAt'] as $key) {
            if ($fields->given($key)) {
                $fields->text($key, 0, 200);
            }
        }
    }

    /** The day at the head of the moment of examination; the time of day does not matter here. */
    private static function day(Fields $fields): ?DateTimeImmutable
    {
        if (! $fields->given('examinedAt')) {
            return null;
        }
        $text = $fields->text('examinedAt', 0, 200);
        if (preg_match('/^(\d{4})-(\d{2})-(\d{2})(?:T|$)/', $text, $part) !== 1 || ! checkdate((int) $part[2], (int) $part[3], (int) $part[1])) {
            $fields->fault('examinedAt', 'expected a date such as 2026-03-14 or 2026-03-14T09:30:00Z');

            return null;
        }

        return new DateTimeImmutable("{$part[1]}-{$part[2]}-{$part[3]}");
    }

    private static function opening(Fields $fields): Opening
    {
        $opening = $fields->optional('opening', Opening::KEYS);

        return new Opening(...array_map($opening->answer(...), Opening::KEYS));
    }

    /** Hours count the first days only, and must say the same as the days. */
    private static function refuseMismatch(Fields $fields, ?int $days, ?float $hours): void
    {
        if ($hours === null || $days === null) {
            return;
        }
        if ($days === 0 && $hours > 24) {
            $fields->fault('hoursSinceInjury', 'expected at most 24 hours on the day of the injury');
        } elseif ($days > 1 && $hours < 24 * ($days - 1)) {
            $fields->fault('hoursSinceInjury', 'expected at least '.(24 * ($days - 1))." hours, {$days} days after the injury");
        }
    }

    private static function episode(Fields $fields): Episode
    {
        $episode = $fields->optional('episode', [...Episode::TEXTS, ...Episode::FACTS]);
        $texts = array_map(static fn (string $key): string => $episode->given($key) ? $episode->text($key, 0, 4000) : '', Episode::TEXTS);

        return new Episode(...[
            ...$texts,
            $episode->answer('bleedingRisk') ?? false,
            self::choice($episode, 'fluidDrawn', FluidDrawn::class),
            $episode->given('injectionWeeksAgo') ? $episode->whole('injectionWeeksAgo', 0, 52, 'weeks') : null,
            $episode->given('operated') ? self::operation($episode) : null,
        ]);
    }

    private static function operation(Fields $episode): Operation
    {
        $operation = $episode->inner('operated', ['what', 'weeksAgo']);
        $what = $operation->word('what', [...array_column(Condition::cases(), 'value'), Operation::OTHER]);

        return new Operation(Condition::tryFrom($what), $operation->whole('weeksAgo', 0, 3000, 'weeks'));
    }

    /**
     * @return list<EarlierFinding>
     */
    private static function earlier(Fields $fields): array
    {
        $earlier = [];
        if (! $fields->given('earlierFinding')) {
            return $earlier;
        }
        foreach ($fields->items('earlierFinding', self::MOST_EARLIER) as $index => $item) {
            $entry = $fields->item('earlierFinding', $index, $item, ['what'], ['by', 'on']);
            $text = static fn (string $key): string => $entry->given($key) ? $entry->text($key, 0, 200) : '';
            $earlier[] = new EarlierFinding($entry->text('what', 1, 2000), $text('by'), $text('on'));
        }

        return $earlier;
    }

    /**
     * @return list<PulseCheck>
     */
    private static function pulseChecks(Fields $fields): array
    {
        $checks = [];
        foreach ($fields->given('pulseChecks') ? $fields->items('pulseChecks', self::MOST_PULSES) : [] as $index => $item) {
            $entry = $fields->item('pulseChecks', $index, $item, ['at', 'felt'], ['by']);
            $at = $entry->text('at', 0, 40);
            if ($entry->has('at') && preg_match('/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}(:\d{2}(\.\d+)?)?(Z|[+-]\d{2}:\d{2})$/', $at) !== 1) {
                $entry->fault('at', 'expected a moment such as 2026-03-14T09:30:00Z');
            }
            $checks[] = new PulseCheck($at, $entry->boolean('felt'), $entry->given('by') ? $entry->text('by', 0, 200) : '');
        }

        return $checks;
    }

    private static function schools(Fields $fields): Schools
    {
        $schools = $fields->optional('schools', ['laxity', 'collateral', 'effusion', 'mcmurraySide', 'evidence']);

        return new Schools(
            self::choice($schools, 'laxity', LaxitySchool::class) ?? LaxitySchool::SideDifference,
            self::choice($schools, 'collateral', CollateralSchool::class) ?? CollateralSchool::ThreeBand,
            self::choice($schools, 'effusion', EffusionSchool::class) ?? EffusionSchool::SweepFirst,
            self::choice($schools, 'mcmurraySide', McMurraySchool::class) ?? McMurraySchool::PainSite,
            self::choice($schools, 'evidence', EvidenceChoice::class) ?? EvidenceChoice::Cautious,
        );
    }

    private static function safety(Fields $fields): SafetyAnswers
    {
        $keys = array_column(SafetyKey::cases(), 'value');
        $safety = $fields->optional('safety', $keys);
        $answers = [];
        foreach ($keys as $key) {
            $answers[$key] = $safety->answer($key);
        }

        return new SafetyAnswers(array_filter($answers, is_bool(...)));
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T|null null when nothing was given
     */
    private static function choice(Fields $fields, string $key, string $enum): ?BackedEnum
    {
        return $fields->given($key)
            ? $enum::from($fields->word($key, array_map(strval(...), array_column($enum::cases(), 'value'))))
            : null;
    }
}
