<?php

declare(strict_types=1);

namespace GrayCompass\Core\Words;

use GrayCompass\Core\Catalogue\ManoeuvreTrait;
use GrayCompass\Core\Examination\HistoryItem;
use GrayCompass\Core\Examination\Implant;
use GrayCompass\Core\Examination\Mechanism;
use GrayCompass\Core\Examination\Record;
use GrayCompass\Core\Examination\SurgeonsWord;
use GrayCompass\Core\Sentences\Phrases;
use GrayCompass\Core\Sentences\Sentence;
use GrayCompass\Core\Verdict\Bearings;

/**
 * What was told and felt for before any test, as the letter says it.
 *
 * @internal
 *
 * @phpstan-import-type Value from Sentence
 */
final readonly class LetterHistory
{
    public function __construct(private Bearings $bearings, private Phrases $phrases)
    {
    }

    /**
     * Pulse, sensation and ankle lift, each with what more was recorded of it, and the pulse checks with their
     * times.
     */
    public function neurovascular(): string
    {
        $parts = $more = [];
        foreach ($this->bearings->catalogue->with(ManoeuvreTrait::Neurovascular) as $manoeuvre) {
            $name = $manoeuvre->names(ManoeuvreTrait::Neurovascular)[0];
            $record = $this->bearings->knee->record($manoeuvre->id);
            $result = $record?->normal === true ? 'normal' : $record?->word('result');
            $parts[] = $result === null ? $this->words('not_recorded', ['name' => $name]) : "{$name} {$result}";
            $more[] = $record === null ? '' : $this->further($record, $name);
        }
        foreach ($this->bearings->examination->pulseChecks as $check) {
            $more[] = $this->words($check->felt ? 'pulse_felt' : 'pulse_not_felt', ['at' => $check->at]);
        }

        return implode(', ', [...$parts, ...array_filter($more)]);
    }

    /** What a look at artery or nerve recorded beside its result. */
    private function further(Record $record, string $name): string
    {
        $index = $record->number('pressureIndex');
        $where = $record->word('where');

        $since = $record->word('since');
        $values = [
            'name' => $name, 'index' => $index ?? 0, 'foot' => $record->word('foot') ?? '', 'since' => $since ?? '',
            'where' => str_replace('_', ' ', $where ?? ''), 'turnsOut' => $record->word('turnsOut') ?? '',
        ];

        return implode(', ', array_filter([
            $index === null ? '' : $this->words('pressure_index', $values),
            $record->word('foot') === null ? '' : $this->words('foot', $values),
            $where === null ? '' : $this->words($since === null ? 'where' : 'where_since', $values),
            $record->word('turnsOut') === null ? '' : $this->words('turns_out', $values),
            $where === null && $since !== null ? $this->words('since', $values) : '',
        ]));
    }

    public function story(): string
    {
        $history = $this->bearings->examination->history;
        $parts = array_map(static fn (Mechanism $mechanism): string => $mechanism->words(), $history->mechanism ?? []);
        foreach (HistoryItem::cases() as $item) {
            if ($history->answer($item) !== null) {
                $parts[] = $history->isYes($item) ? $item->words() : $item->denied();
            }
        }
        $parts[] = $history->directBlowSite === null
            ? ''
            : $this->words('blow', ['where' => str_replace('_', ' ', $history->directBlowSite)]);
        $parts[] = $history->swellingOnset === null ? '' : $this->words("swelling.{$history->swellingOnset->value}");
        $parts[] = $history->painNow === null ? '' : $this->words('pain_now', ['pain' => $history->painNow]);
        $parts[] = $history->painActivity === null ? '' : $this->words('pain_in_activity', ['pain' => $history->painActivity]);
        $parts[] = $history->painPlaces === []
            ? $history->painSite
            : $this->words('pain_where', ['where' => str_replace('_', ' ', implode(', ', $history->painPlaces))]);

        return implode(', ', array_filter($parts, static fn (string $words): bool => $words !== ''));
    }

    /** What was agreed and seen to before hands were laid on. */
    public function conduct(): string
    {
        $opening = $this->bearings->examination->opening;

        return implode(', ', array_filter([
            $opening->consentGiven === true ? $this->words('consent') : '',
            $opening->guardianConsent === true ? $this->words('guardian') : '',
            $opening->identityConfirmed === true ? $this->words('identity') : '',
            $opening->chaperoneOffered === true ? $this->words('chaperone') : '',
        ]));
    }

    public function medication(): string
    {
        $episode = $this->bearings->examination->episode;

        return implode('; ', array_filter([$episode->medication, $episode->bleedingRisk ? $this->words('bleeds_easily') : '']));
    }

    public function operations(): string
    {
        $episode = $this->bearings->examination->episode;
        $operated = $episode->operated;

        return implode('; ', array_filter([
            $operated === null ? '' : $this->words($operated->structure === null ? 'operated' : 'operated_for', [
                'condition' => $operated->structure?->label() ?? '', 'weeks' => $operated->weeksAgo,
            ]),
            $episode->injectionWeeksAgo === null ? '' : $this->words('injection', ['weeks' => $episode->injectionWeeksAgo]),
            $episode->fluidDrawn === null
                ? ''
                : $this->words($episode->fluidDrawnDaysAgo === null ? 'drawn' : 'drawn_days_ago', [
                    'fluid' => str_replace('_', ' ', $episode->fluidDrawn->value), 'days' => $episode->fluidDrawnDaysAgo ?? 0,
                ]),
            $episode->implant === Implant::None ? '' : $this->words("implant.{$episode->implant->value}"),
            $this->surgeon($episode->surgeonSaid),
            $episode->earlierInjury,
        ]));
    }

    private function surgeon(?SurgeonsWord $said): string
    {
        $code = $said?->cleared === true ? 'surgeon.cleared' : 'surgeon.not_cleared';

        return $said === null
            ? ''
            : $this->words($code.($said->plan === '' ? '' : '.plan'), ['day' => $said->on, 'plan' => $said->plan]);
    }

    /**
     * @param  array<string, Value>  $values
     */
    private function words(string $code, array $values = []): string
    {
        return $this->phrases->words(new Sentence("note_history.{$code}", $values));
    }
}
