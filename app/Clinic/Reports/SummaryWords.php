<?php

declare(strict_types=1);

namespace App\Clinic\Reports;

use App\Access\Teams\TeamDays;
use App\Clinic\Models\Examination;
use Carbon\CarbonImmutable;
use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Catalogue\SignBook;
use GrayCompass\Core\Examination\KnownBy;
use GrayCompass\Core\Examination\Schools\SchoolBook;
use GrayCompass\Core\Examination\Schools\SchoolGroup;
use GrayCompass\Core\Grading\Values\Reading;
use GrayCompass\Core\Knee\Side;
use GrayCompass\Core\Plan\PlayAnswer;
use GrayCompass\Core\Plan\SupportType;
use GrayCompass\Core\Plan\Within;
use GrayCompass\Core\Safety\Urgency;
use GrayCompass\Core\Verdict\ConditionZone;
use GrayCompass\Inference\Readings\InHundred;

/** Names and figures as they stand on paper. */
final class SummaryWords
{
    public function __construct(
        private readonly Catalogue $catalogue,
        private readonly SignBook $signs,
        private readonly SchoolBook $schools,
    ) {
    }

    public function manoeuvre(string $id): string
    {
        return $this->catalogue->has($id) ? $this->catalogue->get($id)->card->name : $this->plain($id);
    }

    /**
     * Results that move a chance, and those that could but say nothing either way; the history stands apart.
     *
     * @param  list<array{finding: string, manoeuvre: string, outcome: string, counts: bool,
     *     carriedFrom?: string|null}>  $results  of an assessment
     * @return array<string, string> names by what they are
     */
    public function results(array $results): array
    {
        $of = fn (string $result, bool $byHand): string => implode(', ', array_map(
            fn (array $one): string => $this->sign($one['finding']).(($one['carriedFrom'] ?? null) === null
                ? ''
                : ' ('.CarbonImmutable::parse($one['carriedFrom'])->format('j M').')'),
            array_filter($results, static fn (array $one): bool => $one['outcome'] === $result
                && ($one['counts'] || $result === 'equivocal') && ($one['manoeuvre'] !== Reading::HISTORY) === $byHand),
        ));

        return array_filter([
            __('papers.summary.results_positive') => $of('positive', true),
            __('papers.summary.results_negative') => $of('negative', true),
            __('papers.summary.results_equivocal') => $of('equivocal', true),
            __('papers.summary.history_positive') => $of('positive', false),
            __('papers.summary.history_negative') => $of('negative', false),
        ]);
    }

    /** Which knee was examined. */
    public function knee(Examination $examination): string
    {
        return match (true) {
            $examination->episode->is_baseline => __('papers.summary.baseline'),
            $examination->episode->hurt_side === Side::Right => __('papers.summary.right'),
            default => __('papers.summary.left'),
        };
    }

    /** Who signed, and when; of one that came in signed, where it comes from. */
    public function signature(Examination $examination, TeamDays $days): string
    {
        if ($examination->signed_at === null) {
            return __('papers.summary.draft');
        }
        $when = $days->writtenWithTime($examination->signed_at);

        return $examination->signer === null && $examination->origin !== null
            ? __('papers.summary.signed_elsewhere', ['when' => $when, 'origin' => $examination->origin])
            : __('papers.summary.signed', [
                'signer' => $examination->signer->name ?? __('papers.person.former_member'), 'when' => $when,
            ]);
    }

    /**
     * @param  array{positive: bool, millilitres: array{int, int|null}|null, bloodLikely: bool, ...}|null  $effusion
     */
    public function effusion(?array $effusion): string
    {
        if ($effusion === null) {
            return __('papers.summary.effusion_not_tested');
        }
        [$from, $to] = $effusion['millilitres'] ?? [null, null];
        $amount = $to === null
            ? __('papers.summary.from_ml', ['from' => $from])
            : __('papers.summary.between_ml', ['from' => $from, 'to' => $to]);

        return implode(', ', array_filter([
            $effusion['positive'] ? __('papers.summary.effusion_positive') : __('papers.summary.effusion_not_positive'),
            $from === null ? '' : $amount,
            $effusion['bloodLikely'] ? __('papers.summary.blood_likely') : '',
        ])).'.';
    }

    public function sign(string $id): string
    {
        return ucfirst($this->signs->label($id));
    }

    public function plain(string $code): string
    {
        return str_replace('_', ' ', $code);
    }

    /**
     * With what answered it, where a look inside the joint did or it is known from before.
     *
     * @param  array{zone: string, unsettled: bool, known?: array{by: string, on: string}|null, ...}  $condition
     */
    public function zone(array $condition): string
    {
        $zone = ConditionZone::from($condition['zone']);
        $known = $condition['known'] ?? null;
        if ($known !== null && $zone !== ConditionZone::Withheld && $this->isAnswered($condition)) {
            return "{$zone->label()}, ".KnownBy::from($known['by'])->label().' '.CarbonImmutable::parse($known['on'])->format('j M Y');
        }

        return $zone->label().($condition['unsettled'] ? ', inconclusive' : '');
    }

    /**
     * No chance is told of it: it was looked into, or operated on.
     *
     * @param  array{zone: string, ...}  $condition
     */
    public function isAnswered(array $condition): bool
    {
        return ! ConditionZone::from($condition['zone'])->tellsChance();
    }

    /**
     * On the drawing.
     *
     * @param  array{zone: string, posttest: float, ...}  $condition
     */
    public function onDrawing(array $condition): string
    {
        return match (ConditionZone::from($condition['zone'])) {
            ConditionZone::Confirmed => __('papers.summary.torn'),
            ConditionZone::Excluded => __('papers.summary.intact'),
            ConditionZone::Withheld => '–',
            default => $this->hundred($condition['posttest']),
        };
    }

    /**
     * The schools of an examination, as they are named where they are chosen.
     *
     * @param  array<string, string>  $chosen  by kind; what is missing stands for its preset
     */
    public function judgedBy(array $chosen): string
    {
        return implode('; ', array_map(
            static fn (SchoolGroup $group): string => "{$group->label} {$group->chosen($chosen[$group->id] ?? '')->label}",
            $this->schools->groups(),
        ));
    }

    public function play(string $play): string
    {
        $answer = PlayAnswer::from($play);

        return $answer === PlayAnswer::NotAsked ? '' : "{$answer->label()}.";
    }

    public function within(string $within): string
    {
        return Within::from($within)->label();
    }

    public function support(string $type): string
    {
        return SupportType::from($type)->words();
    }

    public function urgency(?string $urgency): string
    {
        return mb_strtoupper($urgency === null ? __('papers.summary.heed') : Urgency::from($urgency)->label());
    }

    public function hundred(float $chance): string
    {
        return InHundred::of($chance);
    }

    /** @param  array{float, float}  $interval */
    public function range(array $interval): string
    {
        return InHundred::range($interval);
    }

    public function figure(?float $value, string $unit): string
    {
        return $value === null ? '–' : round($value, 1)." {$unit}";
    }

    /** @param  array{hurt: ?float, other: ?float, difference: ?float, unit: string}  $measured */
    public function difference(array $measured): string
    {
        ['hurt' => $hurt, 'other' => $other, 'difference' => $difference, 'unit' => $unit] = $measured;

        return match (true) {
            $difference === null => '–',
            $hurt === null && $other === null && (float) $difference === 0.0 => __('papers.summary.none'),
            default => ($difference > 0 ? '+' : '').round($difference, 1)." {$unit}",
        };
    }
}
