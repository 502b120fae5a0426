<?php

declare(strict_types=1);

namespace App\Clinic\ReferenceResults;

use App\Clinic\Models\ReferenceResult;
use App\Clinic\Values\ReferenceAnswer;
use GrayCompass\Core\Knee\Condition;

/** What stands of one injury where several looked: the strongest look, and of equals the latest. */
final readonly class Consensus
{
    /**
     * @param  bool  $disputed  a weaker or an earlier look said otherwise
     */
    private function __construct(public ReferenceAnswer $answer, public ReferenceResult $by, public bool $disputed)
    {
    }

    /**
     * @param  iterable<ReferenceResult>  $results  of one knee's episode
     * @return list<self> in the order of the conditions; what nobody looked for is not among them
     */
    public static function of(iterable $results): array
    {
        $looks = [...$results];
        usort($looks, static fn (ReferenceResult $one, ReferenceResult $other): int => [
            $other->kind->strength(), $other->seen_on, $other->id,
        ] <=> [$one->kind->strength(), $one->seen_on, $one->id]);
        $consensus = [];
        foreach (Condition::cases() as $condition) {
            $answers = [];
            foreach ($looks as $look) {
                foreach ($look->answers() as $answer) {
                    if ($answer->condition === $condition) {
                        $answers[] = [$answer, $look];
                    }
                }
            }
            if ($answers !== []) {
                [$answer, $by] = $answers[0];
                $others = array_filter($answers, static fn (array $one): bool => $one[0]->seen !== $answer->seen);
                $consensus[] = new self($answer, $by, $others !== []);
            }
        }

        return $consensus;
    }
}
