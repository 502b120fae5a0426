<?php

declare(strict_types=1);

namespace App\Exchange\Incoming;

use App\Clinic\ReferenceResults\ReferenceFacts;
use GrayCompass\Core\Knee\Side;

/** What a knee turned out to have, as a file tells it. */
final readonly class Look
{
    /**
     * @param  Side|null  $side  left or right; null: the episode says it
     * @param  string|null  $episode  ULID of the episode, where the file came from here
     */
    public function __construct(public ReferenceFacts $facts, public ?Side $side, public ?string $episode = null)
    {
    }
}
