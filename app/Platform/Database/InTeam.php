<?php

declare(strict_types=1);

namespace App\Platform\Database;

use LogicException;

/** Someone who is at work in a team: of its records alone anything exists for them. */
interface InTeam
{
    /**
     * @return string its id
     *
     * @throws LogicException where they are in no team
     */
    public function teamId(): string;
}
