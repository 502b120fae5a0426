<?php

declare(strict_types=1);

namespace GrayCompass\Core\Wire;

use GrayCompass\Core\Catalogue\SignBook;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Core\Sentences\Phrases;
use GrayCompass\Core\Verdict\MistakenReading;
use GrayCompass\Inference\Model\Logit;
use GrayCompass\Inference\Readings\Curve;
use GrayCompass\Inference\Readings\Rail;
use GrayCompass\Inference\Readings\Step;
use GrayCompass\Inference\Readings\Weighed;
use GrayCompass\Inference\Wire\WeighedWriter;

/** A weighing with the way of one condition: its steps, and a curve for each test that speaks of it. */
final class WeighUpWriter
{
    /**
     * @param  string  $condition  id; an unknown or empty one has no steps
     * @param  list<string>  $order  finding ids in the order done
     * @return array<string, mixed>
     */
    public static function write(Weighed $weighed, string $condition, array $order, SignBook $signs, Phrases $phrases): array
    {
        $ids = array_column($weighed->conditions, 'id');
        $position = array_search($condition, $ids, true);
        $steps = $position === false ? [] : Rail::of($weighed, $position, $order);

        return [
            ...WeighedWriter::write($weighed),
            'steps' => array_map(self::step(...), $steps),
            'curves' => array_values(array_filter(array_map(self::curve(...), $steps))),
            'answer' => $position === false ? null : self::answer($weighed, $position, $signs, $phrases),
        ];
    }

    /**
     * A step, and where the published ratio alone would have taken it.
     *
     * @return array<string, mixed>
     */
    private static function step(Step $step): array
    {
        return [
            ...WeighedWriter::step($step),
            'withoutEcho' => Logit::chance(Logit::of($step->before) + \log($step->publishedLr)),
        ];
    }

    /**
     * Figures typed in carry the names of their tests as ids; an injury without a name is just “the injury”.
     *
     * @return array{mistake: string, answer: string}|null
     */
    private static function answer(Weighed $weighed, int $position, SignBook $signs, Phrases $phrases): ?array
    {
        $answer = MistakenReading::of(
            $weighed->problem,
            $position,
            Condition::tryFrom($weighed->problem->conditions[$position]->id)?->label() ?? 'the injury',
            $signs->label(...),
        );

        return $answer === null ? null : [
            'mistake' => $phrases->sentence($answer->mistake), 'answer' => $phrases->sentence($answer->answer),
        ];
    }

    /**
     * @return array<string, mixed>|null
     */
    private static function curve(Step $step): ?array
    {
        $row = $step->result->finding->rowFor($step->condition);

        return $row === null ? null : ['finding' => $step->result->finding->id, 'points' => Curve::of($row)];
    }
}
