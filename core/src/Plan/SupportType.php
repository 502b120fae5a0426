<?php

declare(strict_types=1);

namespace GrayCompass\Core\Plan;

use GrayCompass\Core\Sentences\Sentence;

/** What may be worn on the knee for a while. Nothing is ever proposed to prevent an injury. */
enum SupportType: string
{
    case None = 'none';
    case AsFound = 'as_found';
    case HingedSleeve = 'hinged_sleeve';
    case HingedLimited = 'hinged_limited';
    case ExtensionSplintCalfSupport = 'extension_splint_calf_support';
    case Immobiliser = 'immobiliser';
    case FunctionalHinged = 'functional_hinged';

    public function words(): string
    {
        return match ($this) {
            self::None => 'no brace',
            self::AsFound => 'splint as found',
            self::HingedSleeve => 'hinged sleeve',
            self::HingedLimited => 'hinged brace with a limited range',
            self::ExtensionSplintCalfSupport => 'splint in extension with a support under the calf',
            self::Immobiliser => 'immobiliser for a few days',
            self::FunctionalHinged => 'functional hinged brace',
        };
    }

    /** What wearing it costs; null where it costs nothing worth saying. */
    public function cost(): ?Sentence
    {
        return \in_array($this, [self::None, self::AsFound], true) ? null : new Sentence("support_cost.{$this->value}");
    }

    /** Nobody brakes hard with a leg that is held. */
    public function stopsDriving(): bool
    {
        return \in_array(
            $this,
            [self::AsFound, self::HingedLimited, self::ExtensionSplintCalfSupport, self::Immobiliser],
            true,
        );
    }

    /** The same, where it stands alone. */
    public function label(): string
    {
        return ucfirst($this->words());
    }
}
