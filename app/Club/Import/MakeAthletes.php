<?php

declare(strict_types=1);

namespace App\Club\Import;

use App\Club\Models\Import;
use App\Platform\Database\TeamScope;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Throwable;

/** Makes the athletes of a list. */
final class MakeAthletes implements ShouldQueue
{
    use Queueable;

    public int $tries = 5;

    public int $timeout = 80;

    public function __construct(public readonly string $import)
    {
    }

    public function handle(Imports $imports): void
    {
        $imports->run($this->found());
    }

    public function failed(?Throwable $problem): void
    {
        app(Imports::class)->fail($this->found(), __('club.makeAthletes.failed'));
    }

    private function found(): Import
    {
        return Import::query()->withoutGlobalScope(TeamScope::class)->findOrFail($this->import);
    }
}
