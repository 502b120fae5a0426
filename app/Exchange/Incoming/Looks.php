<?php

declare(strict_types=1);

namespace App\Exchange\Incoming;

use App\Clinic\ReferenceResults\AnswerRules;
use App\Clinic\ReferenceResults\ReferenceFacts;
use App\Clinic\Values\InjuryState;
use App\Clinic\Values\ReferenceAnswer;
use App\Clinic\Values\ReferenceKind;
use Carbon\CarbonImmutable;
use GrayCompass\Core\Fhir\ReferenceResult;
use GrayCompass\Core\Knee\Condition;
use GrayCompass\Document\Refusal;

/** Results as files tell them, by the rules of those entered by hand. */
final class Looks
{
    /**
     * @param  string  $place  by which it is refused
     *
     * @throws Refusal
     */
    public static function ofReference(ReferenceResult $read, string $place): Look
    {
        $kind = ReferenceKind::tryFrom($read->kind)
            ?? throw Refusal::at("{$place}.code", __('exchange.incoming.unknown_kind', ['kind' => $read->kind]));
        $answers = [];
        foreach ($read->answers as ['condition' => $condition, 'seen' => $seen, 'grade' => $grade]) {
            $answers[] = self::answer($kind, $condition, $seen, $grade, $place);
        }

        return new Look(self::facts($kind, self::day($read->on, $place), $answers, $place, $read->note), $read->side);
    }

    /**
     * @param  int|null  $grade  1 to 3
     *
     * @throws Refusal
     */
    public static function answer(
        ReferenceKind $kind, Condition $condition, string $seen, ?int $grade, string $place,
    ): ReferenceAnswer {
        $state = InjuryState::tryFrom($seen) ?? throw Refusal::at($place, __('exchange.incoming.seen'));
        $why = AnswerRules::condition($kind, $condition) ?? AnswerRules::grade($condition, $state, $grade);
        if ($why !== null) {
            throw Refusal::at($place, $why);
        }
        if ($grade !== null && ($grade < 1 || $grade > 3)) {
            throw Refusal::at($place, __('exchange.incoming.grade'));
        }

        return new ReferenceAnswer($condition, $state, $grade === null ? null : max(1, min(3, $grade)));
    }

    /**
     * @param  list<ReferenceAnswer>  $answers
     *
     * @throws Refusal where a condition is answered twice
     */
    public static function facts(ReferenceKind $kind, CarbonImmutable $on, array $answers, string $place, string $note): ReferenceFacts
    {
        $conditions = array_map(static fn (ReferenceAnswer $one): string => $one->condition->value, $answers);
        if (\count($conditions) !== \count(array_unique($conditions))) {
            throw Refusal::at($place, __('exchange.incoming.said_twice'));
        }

        return new ReferenceFacts($kind, $on, $answers, note: mb_substr(trim($note), 0, 4000));
    }

    /** @throws Refusal where it is no day, or one on which nothing can have been seen */
    public static function day(string $written, string $place): CarbonImmutable
    {
        if (preg_match('/^(\d{4})-(\d\d)-(\d\d)$/D', $written, $part) !== 1 || ! checkdate((int) $part[2], (int) $part[3], (int) $part[1])) {
            throw Refusal::at($place, __('exchange.incoming.day'));
        }
        $day = CarbonImmutable::parse($written, 'UTC');
        $why = AnswerRules::day($day);

        return $why === null ? $day : throw Refusal::at($place, $why);
    }
}
