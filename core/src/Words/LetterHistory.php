<?php

declare(strict_types=1);

namespace GrayCompass\Core\Words;

use GrayCompass\Core\Catalogue\ManoeuvreTrait;
use GrayCompass\Core\Examination\HistoryItem;
use GrayCompass\Core\Examination\Implant;
use GrayCompass\Core\Examination\Mechanism;
use GrayCompass\Core\Examination\Record;
use GrayCompass\Core\Examination\SwellingOnset;
use GrayCompass\Core\Verdict\Bearings;

/**
 * What was told and felt for before any test, as the letter says it.
 *
 * @internal
 */
final readonly class LetterHistory
{
    public function __construct(private Bearings $bearings)
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
            $parts[] = $result === null ? "{$name} not recorded" : "{$name} {$result}";
            $more[] = $record === null ? '' : $this->further($record, $name);
        }
        foreach ($this->bearings->examination->pulseChecks as $check) {
            $more[] = 'pulse '.($check->felt ? 'felt' : 'NOT felt')." {$check->at}";
        }

        return implode(', ', [...$parts, ...array_filter($more)]);
    }

    /** What a look at artery or nerve recorded beside its result. */
    private function further(Record $record, string $name): string
    {
        $index = $record->number('pressureIndex');
        $where = $record->word('where');

        return implode(', ', array_filter([
            $index === null ? '' : "pressure index {$index}",
            $record->word('foot') === null ? '' : "foot {$record->word('foot')}",
            $where === null
                ? ''
                : "{$name} at the ".str_replace('_', ' ', $where).', '.($record->word('since')
                    ?? 'since when not said'),
            $record->word('turnsOut') === null ? '' : "turning out {$record->word('turnsOut')}",
            $where === null && $record->word('since') !== null ? "since: {$record->word('since')}" : '',
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
            : 'direct blow to the '.str_replace('_', ' ', $history->directBlowSite);
        $parts[] = match ($history->swellingOnset) {
            SwellingOnset::WithinTwoHours => 'swelling within 2 hours',
            SwellingOnset::WithinADay => 'swelling within 24 hours',
            SwellingOnset::None => 'no swelling',
            null => '',
        };
        $parts[] = $history->painNow === null ? '' : "pain now {$history->painNow}/10";
        $parts[] = $history->painActivity === null ? '' : "in activity {$history->painActivity}/10";
        $parts[] = $history->painPlaces === []
            ? $history->painSite
            : 'pain '.str_replace('_', ' ', implode(', ', $history->painPlaces));

        return implode(', ', array_filter($parts, static fn (string $words): bool => $words !== ''));
    }

    /** What was agreed and seen to before hands were laid on. */
    public function conduct(): string
    {
        $opening = $this->bearings->examination->opening;

        return implode(', ', array_filter([
            $opening->consentGiven === true ? 'consent given' : '',
            $opening->guardianConsent === true ? 'guardian agreed' : '',
            $opening->identityConfirmed === true ? 'name confirmed' : '',
            $opening->chaperoneOffered === true ? 'chaperone offered' : '',
        ]));
    }

    public function medication(): string
    {
        $episode = $this->bearings->examination->episode;

        return implode('; ', array_filter([$episode->medication, $episode->bleedingRisk ? 'bleeds easily' : '']));
    }

    public function operations(): string
    {
        $episode = $this->bearings->examination->episode;
        $operated = $episode->operated;

        return implode('; ', array_filter([
            $operated === null
                ? ''
                : 'operated '.($operated->structure?->label() ?? 'elsewhere in the knee')." {$operated->weeksAgo} "
                    .'weeks ago',
            $episode->injectionWeeksAgo === null ? '' : "injection {$episode->injectionWeeksAgo} weeks ago",
            $episode->fluidDrawn === null ? '' : 'drawn: '.str_replace('_', ' ', $episode->fluidDrawn->value)
                .($episode->fluidDrawnDaysAgo === null ? '' : ", {$episode->fluidDrawnDaysAgo} days ago"),
            match ($episode->implant) {
                Implant::None => '',
                Implant::Partial => 'partial joint replacement',
                Implant::Total => 'total joint replacement',
                Implant::Other => 'plate, nail or other metal in this knee',
            },
            $episode->surgeonSaid === null ? '' : 'surgeon on '.$episode->surgeonSaid->on.': '
                .($episode->surgeonSaid->cleared ? 'cleared for sport' : 'not cleared for sport')
                .($episode->surgeonSaid->plan === '' ? '' : ", {$episode->surgeonSaid->plan}"),
            $episode->earlierInjury,
        ]));
    }
}
