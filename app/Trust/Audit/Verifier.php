<?php

declare(strict_types=1);

namespace App\Trust\Audit;

use App\Platform\Audit\ChainHeads;
use App\Trust\Audit\Checks\Chains;
use App\Trust\Audit\Checks\Check;
use App\Trust\Audit\Checks\EndsElsewhere;
use App\Trust\Audit\Checks\Roles;
use Illuminate\Container\Attributes\Tag;

/** Says where something was changed behind the application's back; docs/security.md says what cannot be noticed. */
final readonly class Verifier
{
    public const CHECKS = 'audit.checks';

    /**
     * @param  iterable<Check>  $more  of what other domains keep
     */
    public function __construct(private ChainHeads $heads, #[Tag(self::CHECKS)] private iterable $more)
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
     * @return iterable<Check>
     */
    private function checks(array $ends): iterable
    {
        yield new Chains($this->heads);
        yield new EndsElsewhere(array_values($ends));
        yield from $this->more;
        yield new Roles;
    }
}
