<?php

declare(strict_types=1);

namespace App\Audit;

use App\Audit\Checks\Additions;
use App\Audit\Checks\Chains;
use App\Audit\Checks\Check;
use App\Audit\Checks\Results;
use App\Audit\Checks\Roles;
use App\Audit\Checks\Signatures;

/** Says where something was changed behind the application's back; docs/security.md says what cannot be noticed. */
final readonly class Verifier
{
    public function __construct(private Heads $heads)
    {
    }

    /**
     * @return list<string> what is wrong, empty where nothing is
     */
    public function faults(): array
    {
        $faults = [];
        foreach ($this->checks() as $check) {
            foreach ($check->faults() as $fault) {
                $faults[] = $fault;
            }
        }

        return $faults;
    }

    /**
     * @return list<Check>
     */
    private function checks(): array
    {
        $erased = new Erased;

        return [
            new Chains($this->heads), new Signatures($erased), new Additions($erased), new Results($erased), new Roles,
        ];
    }
}
