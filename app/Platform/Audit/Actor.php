<?php

declare(strict_types=1);

namespace App\Platform\Audit;

/** Who did something that is written down. */
interface Actor
{
    public function actorId(): string;

    /** @return string|null id of the team that they did it in; null: they are in none */
    public function actorTeam(): ?string;
}
