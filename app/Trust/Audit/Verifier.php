<?php

declare(strict_types=1);

namespace App\Trust\Audit;

use App\Clinic\Audit\Additions;
use App\Clinic\Audit\Results;
use App\Clinic\Audit\Signatures;
use App\Platform\Audit\Heads;
use App\Trust\Audit\Checks\Chains;
use App\Trust\Audit\Checks\Check;
use App\Trust\Audit\Checks\EndsElsewhere;
use App\Trust\Audit\Checks\Roles;

/** Says where something was changed behind the application's back; docs/security.md says what cannot be noticed. */
final readonly class Verifier
{
    public function __construct(private Heads $heads)
    {
    }

    /**
     * @param  array<string>  $ends  of logs, kept elsewhere: COUNT:SEAL
     * @return list<string> what is wrong, empty where nothing is
     */
    public function faults(array $ends = []): array
    {
        $faults = [];
        foreach ($this->checks($ends) as $check) {
            foreach ($check->faults() as $fault) {
                $faults[] = $fault;
            }
        }

        return $faults;
    }

    /**
     * @param  array<string>  $ends
     * @return list<Check>
     */
    private function checks(array $ends): array
    {
        $erased = new Erased;

        return [
            new Chains($this->heads), new EndsElsewhere(array_values($ends)), new Signatures($erased), new Additions($erased), new Results($erased), new Roles,
        ];
    }
}
