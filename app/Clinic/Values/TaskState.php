<?php

declare(strict_types=1);

namespace App\Clinic\Values;

enum TaskState: string
{
    case Open = 'open';

    /** Of a referral: it went out, and an answer is awaited. */
    case Sent = 'sent';

    case Done = 'done';

    /** Not done, for a reason. */
    case LetGo = 'let_go';

    public function isClosed(): bool
    {
        return $this === self::Done || $this === self::LetGo;
    }
}
