<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination;

/** The yes-or-no questions of the story. */
enum HistoryItem: string
{
    case Pop = 'pop';
    case CouldNotContinue = 'couldNotContinue';
    case GivingWay = 'givingWay';
    case Locking = 'locking';
    case KneecapShifted = 'kneecapShifted';
    case FrontLoadPain = 'frontLoadPain';
    case GradualOnset = 'gradualOnset';
    case WarmUpEases = 'warmUpEases';
    case NumbnessOrBackPain = 'numbnessOrBackPain';
    case FirstDislocation = 'firstDislocation';
    case KneecapReduced = 'kneecapReduced';
    case Catching = 'catching';
    case LoadChange = 'loadChange';
    case ComesAndGoes = 'comesAndGoes';
    case PointsToIt = 'pointsToIt';

    /** The finding that its answer gives, or null for one that is only kept. */
    public function finding(): ?string
    {
        return match ($this) {
            self::Pop => 'story_pop',
            self::CouldNotContinue => 'story_could_not_continue',
            self::GivingWay => 'story_giving_way',
            self::Locking => 'story_locking',
            self::KneecapShifted => 'story_kneecap_shifted',
            self::FrontLoadPain => 'story_front_load_pain',
            default => null,
        };
    }

    /** As it stands in a note. */
    public function words(): string
    {
        return match ($this) {
            self::Pop => 'pop',
            self::CouldNotContinue => 'could not continue',
            self::GivingWay => 'giving way',
            self::Locking => 'locking',
            self::KneecapShifted => 'patella shifted',
            self::FrontLoadPain => 'front pain on loading',
            self::GradualOnset => 'gradual onset',
            self::WarmUpEases => 'eases with warming up',
            self::NumbnessOrBackPain => 'numbness or back pain',
            self::FirstDislocation => 'first dislocation of the patella',
            self::KneecapReduced => 'patella put back',
            self::Catching => 'catching',
            self::LoadChange => 'change of load before it began',
            self::ComesAndGoes => 'comes and goes',
            self::PointsToIt => 'in one place',
        };
    }

    /** As it stands in a note where the answer is no. */
    public function denied(): string
    {
        return match ($this) {
            self::CouldNotContinue => 'could continue',
            self::GradualOnset => 'sudden onset',
            self::WarmUpEases => 'does not ease with warming up',
            self::FirstDislocation => 'the patella has been out before',
            self::KneecapReduced => 'the patella was not put back',
            self::KneecapShifted => 'the patella did not shift',
            self::LoadChange => 'no change of load before it began',
            self::ComesAndGoes => 'does not come and go',
            self::PointsToIt => 'not in one place',
            default => "no {$this->words()}",
        };
    }
}
