<?php

declare(strict_types=1);

namespace GrayCompass\Core\Findings;

/** What is settled before hands-on; null: not noted. Being touched and the coach being told are two consents. */
final class Opening
{
    public const KEYS = ['handsClean', 'identityConfirmed', 'consentGiven', 'guardianConsent', 'chaperoneOffered', 'footSore', 'coachMayKnow'];

    public function __construct(
        public readonly ?bool $handsClean,
        public readonly ?bool $identityConfirmed,
        public readonly ?bool $consentGiven,
        public readonly ?bool $guardianConsent,
        public readonly ?bool $chaperoneOffered,
        public readonly ?bool $footSore,
        public readonly ?bool $coachMayKnow = null,
    ) {
    }
}
