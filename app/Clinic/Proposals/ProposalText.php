<?php

declare(strict_types=1);

namespace App\Clinic\Proposals;

use App\Access\Teams\TeamDays;
use App\Clinic\Models\Proposal;
use App\Clinic\ReferenceResults\ReferenceFacts;
use App\Clinic\Tasks\TaskChange;
use App\Clinic\Values\InjuryState;
use App\Clinic\Values\ProposalKind;
use App\Clinic\Values\ReferenceAnswer;
use App\Clinic\Values\TaskState;
use Carbon\CarbonImmutable;
use Illuminate\Support\Arr;

/** What a proposal asks for, in a sentence, and what was said with it. */
final readonly class ProposalText
{
    private function __construct(public string $title, public string $note)
    {
    }

    public static function of(Proposal $proposal): self
    {
        return match ($proposal->kind) {
            ProposalKind::Result => self::result(ReferenceFacts::of($proposal->content)),
            ProposalKind::FollowUp => new self(
                Arr::string($proposal->content, 'title').', by '
                    .self::day(CarbonImmutable::parse(Arr::string($proposal->content, 'dueOn'))),
                '',
            ),
            ProposalKind::Change => self::change(
                TaskChange::of($proposal->content), $proposal->task->content['title'] ?? 'something that was due',
            ),
        };
    }

    private static function result(ReferenceFacts $facts): self
    {
        $found = array_filter($facts->answers, static fn (ReferenceAnswer $one): bool => $one->seen === InjuryState::Present);
        $absent = \count($facts->answers) - \count($found);
        $words = array_map(
            static fn (ReferenceAnswer $one): string => $one->condition->label()
                .($one->grade === null ? '' : " grade {$one->grade}"),
            $found,
        );
        if ($absent > 0) {
            $words[] = $found === [] ? "none of {$absent} found" : "{$absent} looked for and not found";
        }
        $weeks = $facts->weeks === null ? '' : " after {$facts->weeks} weeks";

        return new self(
            "{$facts->kind->label()}{$weeks}, ".self::day($facts->seenOn).': '.implode(', ', $words),
            $facts->note,
        );
    }

    private static function change(TaskChange $change, string $of): self
    {
        $what = match ($change->state) {
            TaskState::Open => 'move it to '.($change->dueOn === null ? 'no day' : self::day($change->dueOn)),
            TaskState::Sent => $change->dueOn === null ? 'it is sent' : 'wait for it until '.self::day($change->dueOn),
            TaskState::Done => 'it is done',
            TaskState::LetGo => 'dismiss it',
        };

        return new self("“{$of}”: {$what}", $change->note ?? '');
    }

    private static function day(CarbonImmutable $day): string
    {
        return TeamDays::here()->order->written($day);
    }
}
