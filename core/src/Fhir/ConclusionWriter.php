<?php

declare(strict_types=1);

namespace GrayCompass\Core\Fhir;

use GrayCompass\Core\Plan\Within;
use GrayCompass\Document\Given;

/**
 * What follows from an examination, out of its assessment: chances, raised lines, referrals, the plan and the
 * next visit. All of it can be worked out again; reading a bundle takes none of it for granted.
 *
 * @internal
 *
 * @phpstan-import-type Element from Terms
 */
final readonly class ConclusionWriter
{
    private const PRIORITIES = ['now' => 'stat', 'same_day' => 'asap', 'days' => 'urgent', 'week' => 'urgent'];

    /**
     * @param  array{reference: string}  $subject
     * @param  array{reference: string}  $encounter
     * @param  string|null  $when  the moment of the examination; null: not known
     */
    public function __construct(
        private Terms $terms,
        private Labels $labels,
        private Entries $entries,
        private Given $assessment,
        private array $subject,
        private array $encounter,
        private ?string $when,
        private bool $isSigned,
    ) {
    }

    /** @param  list<array{reference: string}>  $basis  the Observations that the chances rest on */
    public function write(array $basis): void
    {
        $this->chances($basis);
        foreach ($this->assessment->inner('safety')->items('lines') as $line) {
            $this->line($line);
        }
        $plan = $this->assessment->inner('plan');
        foreach ($plan->items('sendOn') as $index => $referral) {
            $this->referral($referral, $index);
        }
        $this->plan($plan);
        $this->nextVisit($plan->inner('lookAgain'));
    }

    /** @param  list<array{reference: string}>  $basis */
    private function chances(array $basis): void
    {
        $untold = [];
        $predictions = [];
        foreach ($this->assessment->items('conditions') as $condition) {
            $chance = $condition->answer('tellsChance') === true ? $condition->amount('posttest') : null;
            if ($chance === null) {
                $untold[] = $this->untold($condition);
            } else {
                $predictions[] = $this->prediction($condition, $chance);
            }
        }
        if ($predictions === [] && $untold === []) {
            return;
        }
        $evidence = $this->assessment->inner('evidence');
        $this->entries->add('RiskAssessment', 'chances', [
            ...($untold === [] ? [] : ['extension' => $untold]),
            'status' => $this->isSigned ? 'final' : 'preliminary',
            'method' => ['text' => "Rules {$this->assessment->text('rules')}, figures {$evidence->text('set')} {$evidence->text('digest')}"],
            ...$this->shared(),
            ...($this->when === null ? [] : ['occurrenceDateTime' => $this->when]),
            ...($basis === [] ? [] : ['basis' => $basis]),
            ...($predictions === [] ? [] : ['prediction' => $predictions]),
        ]);
    }

    /** @return Element a condition without a chance: known already, or withheld; some readers refuse a prediction without one */
    private function untold(Given $condition): array
    {
        return ['url' => $this->terms->own(Code::Untold), 'extension' => [
            ['url' => 'condition', 'valueCode' => $condition->text('id')],
            ['url' => 'zone', 'valueCode' => $condition->text('zone')],
        ]];
    }

    /** @return Element */
    private function prediction(Given $condition, int|float $chance): array
    {
        $interval = $condition->numbers('interval');
        $pretest = $condition->number('pretest');
        $extensions = [
            ...($pretest === null ? [] : [['url' => $this->terms->own(Code::Pretest), 'valueDecimal' => $pretest]]),
            ...(\count($interval) !== 2 ? [] : [['url' => $this->terms->own(Code::Interval), 'extension' => [
                ['url' => 'low', 'valueDecimal' => $interval[0]],
                ['url' => 'high', 'valueDecimal' => $interval[1]],
            ]]]),
        ];

        return [
            ...($extensions === [] ? [] : ['extension' => $extensions]),
            'outcome' => $this->terms->concept(
                Code::Condition,
                $condition->text('id'),
                $this->labels->word($condition->text('id')),
            ),
            'probabilityDecimal' => $chance,
            'qualitativeRisk' => $this->terms->concept(Code::Zone, $condition->text('zone')),
        ];
    }

    private function line(Given $line): void
    {
        $this->entries->add('Flag', "lines.{$line->text('rule')}", [
            'status' => 'active',
            'category' => [$this->terms->concept(Code::Category, 'safety', 'Safety')],
            'code' => [...$this->terms->concept(Code::SafetyRule, $line->text('rule')), 'text' => $line->text('say')],
            ...$this->shared(),
            ...($this->when === null ? [] : ['period' => ['start' => $this->when]]),
        ]);
    }

    private function referral(Given $referral, int $index): void
    {
        $within = Within::tryFrom($referral->text('within'));
        $until = $within === null || $this->when === null ? null : Dates::plus($this->when, $within->days());
        $this->entries->add('ServiceRequest', "referrals[{$index}]", [
            'extension' => [['url' => $this->terms->own(Code::Within), 'valueCode' => $referral->text('within')]],
            'status' => $this->isSigned ? 'active' : 'draft',
            'intent' => 'proposal',
            'priority' => self::PRIORITIES[$referral->text('within')] ?? 'routine',
            'code' => $this->terms->concept(Code::Referral, $referral->text('code'), $referral->text('to')),
            ...$this->shared(),
            ...($until === null ? [] : ['occurrencePeriod' => [
                'start' => substr((string) $this->when, 0, 10), 'end' => $until,
            ]]),
            'performerType' => ['text' => $referral->text('to')],
            ...($referral->text('question') === '' ? [] : ['reasonCode' => [['text' => $referral->text('question')]]]),
            ...($referral->text('why') === '' ? [] : ['note' => [['text' => $referral->text('why')]]]),
        ]);
    }

    private function plan(Given $plan): void
    {
        $support = $plan->inner('support');
        $availability = $plan->inner('availability');
        $activities = array_values(array_filter([
            $support->text('type') === '' ? '' : trim("Support: {$this->labels->word($support->text('type'))}. {$support->text('why')}"),
            implode(' ', $plan->inner('advice')->words('say')),
            $availability->text('status') === '' ? '' : 'Availability: '.($this->labels->word($availability->text('status'))
                ?: $availability->text('status')).'.',
        ]));
        if ($activities === []) {
            return;
        }
        $this->entries->add('CarePlan', 'plan', [
            'status' => $this->isSigned ? 'active' : 'draft',
            'intent' => 'proposal',
            ...$this->shared(),
            'activity' => array_map(static fn (string $text): array => ['detail' => [
                'status' => 'not-started', 'description' => $text,
            ]], $activities),
        ]);
    }

    private function nextVisit(Given $visit): void
    {
        $from = $visit->natural('from');
        $to = $visit->natural('to');
        $start = $from === null || $this->when === null ? null : Dates::plus($this->when, $from);
        $end = $to === null || $this->when === null ? null : Dates::plus($this->when, $to);
        if ($from === null && $to === null) {
            return;
        }
        $period = [...($start === null ? [] : ['start' => $start]), ...($end === null ? [] : ['end' => $end])];
        $this->entries->add('Appointment', 'nextVisit', [
            'status' => 'proposed',
            ...($visit->text('why') === '' ? [] : ['description' => $visit->text('why')]),
            ...($visit->text('say') === '' ? [] : ['comment' => $visit->text('say')]),
            'participant' => [['actor' => $this->subject, 'status' => 'needs-action']],
            ...($period === [] ? [] : ['requestedPeriod' => [$period]]),
        ]);
    }

    /** @return array{subject: array{reference: string}, encounter: array{reference: string}} */
    private function shared(): array
    {
        return ['subject' => $this->subject, 'encounter' => $this->encounter];
    }
}
