<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use GrayCompass\Core\Examination\Facts\FactSubject;
use GrayCompass\Core\Examination\HurtKnee;
use GrayCompass\Core\Examination\SafetyKey;

/**
 * What findings of the hurt knee answer to the questions of the gate, by data/gate.json: a finding that was done and
 * does not say yes answers no. All limits there are working estimates but for the four of the ankle-and-knee fracture
 * rule (Stiell 1996: four steps, 90° of bend, patella, fibular head).
 *
 * @internal
 */
final readonly class Hands
{
    public function __construct(private HurtKnee $knee)
    {
    }

    /** Null: no finding speaks to this question. */
    public function on(SafetyKey $key): ?Heard
    {
        $answer = $this->knee->examination->facts->answer($key);
        if ($answer === null) {
            return null;
        }
        $seen = new FactSubject($this->knee);
        $yes = $answer->yes->since($seen);
        if ($yes !== null) {
            return new Heard(true, $yes);
        }
        $no = $answer->no?->since($seen);

        return $no === null ? null : new Heard(false, $no, $answer->wholly === null || $seen->is($answer->wholly));
    }
}
