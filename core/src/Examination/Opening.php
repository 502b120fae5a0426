<?php

declare(strict_types=1);

namespace GrayCompass\Core\Examination;

/**
 * What is settled before hands-on; null: not noted. Being touched and the coach being told are two consents.
 *
 * @internal
 */
final readonly class Opening
{
    public const KEYS = [
        'handsClean', 'identityConfirmed', 'consentGiven', 'guardianConsent', 'chaperoneOffered', 'footSore',
        'coachMayKnow',
    ];

    public function __construct(
        public ?bool $handsClean,
        public ?bool $identityConfirmed,
        public ?bool $consentGiven,
        public ?bool $guardianConsent,
        public ?bool $chaperoneOffered,
        public ?bool $footSore,
        public ?bool $coachMayKnow = null,
    ) {
    }
}
