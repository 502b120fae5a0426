<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

/** Why hands stay off for now. */
enum HoldKind: string
{
    /** Nobody has agreed to be touched yet. */
    case Consent = 'consent';

    /** The questions of the gate are not answered yet. */
    case Gate = 'gate';

    /** A rule of the gate closes it. */
    case Rule = 'rule';

    public function label(): string
    {
        return match ($this) {
            self::Consent => 'no consent yet',
            self::Gate => 'safety check not complete',
            self::Rule => 'a red flag of the safety check',
        };
    }
}
