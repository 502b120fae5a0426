<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading\Judges;

use GrayCompass\Core\Catalogue\JudgedBy;
use GrayCompass\Core\Examination\KneeExamination;
use GrayCompass\Core\Examination\Record;
use GrayCompass\Core\Grading\Values\Comparison;
use GrayCompass\Core\Grading\Values\Exclusion;
use GrayCompass\Core\Grading\Values\Judgement;
use GrayCompass\Core\Grading\Values\Outcome;

/**
 * One field says yes or no, as the catalogue has it.
 *
 * @internal
 */
final readonly class AnswerJudge implements Judge
{
    public function __construct(private JudgedBy $by)
    {
    }

    public function judge(Comparison $knees, KneeExamination $examination): Judgement
    {
        $answer = $knees->hurt->normal ? false : $this->answer($knees->hurt);
        if ($answer === null) {
            return new Judgement;
        }
        $alike = $this->by->compared && $answer && $knees->other !== null && $this->answer($knees->other) === true;

        return new Judgement([$alike
            ? $knees->reading($knees->sign(), Outcome::Equivocal, Exclusion::SameOnOtherKnee)
            : $knees->reading($knees->sign(), Outcome::of($answer))]);
    }

    /** Null: what was recorded does not answer. */
    private function answer(Record $record): ?bool
    {
        $by = $this->by;
        if ($by->over !== null) {
            $number = $record->number($by->field);

            return $number === null ? null : $number > $by->over;
        }
        $given = \is_bool($by->is) ? $record->flag($by->field) : $record->word($by->field);

        return $given === null ? null : ($by->isNot === null ? $given === $by->is : $given !== $by->isNot);
    }
}
