<?php

declare(strict_types=1);

namespace App\Exchange\Incoming;

use App\Exchange\Models\RecordImport;
use App\Platform\Database\TeamScope;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Throwable;

/** Stores the records of a file. */
final class StoreRecords implements ShouldQueue
{
    use Queueable;

    public int $tries = 5;

    public int $timeout = 80;

    public function __construct(public readonly string $import)
    {
    }

    public function handle(RecordImports $imports): void
    {
        $imports->run($this->found());
    }

    public function failed(?Throwable $problem): void
    {
        app(RecordImports::class)->fail($this->found(), __('exchange.incoming.failed'));
    }

    private function found(): RecordImport
    {
        return RecordImport::query()->withoutGlobalScope(TeamScope::class)->findOrFail($this->import);
    }
}
