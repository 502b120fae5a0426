<?php

declare(strict_types=1);

namespace GrayCompass\Core\Conclusions;

use GrayCompass\Core\Safety\Rule;

/** What the athlete does with the knee from tomorrow on, in their own words. */
final class Tomorrow
{
    public function __construct(
        private readonly Bearings $bearings,
        private readonly Plan $plan,
    ) {
    }

    /**
     * @return list<string> weight, support, bend, sport, driving
     */
    public function sentences(): array
    {
        $support = $this->plan->support;
        $noWeight = $this->bearings->raised(Rule::HipFirst, Rule::LimbThreat, Rule::FractureLikely, Rule::FractureRulePositive, Rule::KneecapOut, Rule::MultiLigament);
        $mayDrive = ! $noWeight && ! $this->keptStill() && ! $support->crutches && ! $support->type->stopsDriving();

        return array_values(array_filter([
            match (true) {
                $noWeight => 'Put no weight on the leg until you have been seen.',
                $support->crutches => 'Use crutches and put on only as much weight as feels comfortable.',
                default => 'You may walk as far as it feels comfortable.',
            },
            PlainWords::wear($support->type),
            $this->bend(),
            $this->sport(),
            $mayDrive ? 'Drive only when you can brake hard without pain.' : 'Do not drive.',
        ], static fn (string $sentence): bool => $sentence !== ''));
    }

    private function keptStill(): bool
    {
        return $this->plan->soonest() === Within::Now
            || in_array($this->plan->support->type, [SupportType::Immobiliser, SupportType::ExtensionSplintCalfSupport], true);
    }

    private function bend(): string
    {
        return match (true) {
            $this->keptStill() => 'Do not bend the knee until you are told to.',
            $this->bearings->raised(Rule::LockedKnee) => 'Do not force it straight.',
            $this->plan->support->type === SupportType::HingedLimited => 'Bend it only as far as the brace lets you.',
            default => 'Bend and straighten it gently, as far as it does not hurt.',
        };
    }

    private function sport(): string
    {
        return match (Availability::of($this->bearings, $this->plan)) {
            Availability::Available => 'You may go on with your sport today; stop if it hurts, swells or gives way.',
            Availability::Modified => $this->plan->play->answer === PlayAnswer::MayContinueSupported
                ? 'You may go on with the knee taped or braced; stop if it hurts more.'
                : 'Do only as much sport as does not hurt on the day or the next.',
            Availability::Out => 'No sport for now.',
        };
    }
}
