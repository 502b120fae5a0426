<?php

declare(strict_types=1);

namespace App\Exchange\Incoming;

use App\Exchange\Models\RecordImport;
use App\Platform\Database\TeamScope;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Throwable;

/** Stores the records of a file. */
final class StoreRecords implements ShouldQueue
{
    use Queueable;

    /** Waiting for a worker that still has it counts too. */
    public int $tries = 20;

    public int $maxExceptions = 5;

    /** Seconds: ten thousand results took half a minute, and a machine may be ten times slower. */
    public int $timeout = 600;

    private const LOOK_AGAIN_SECONDS = 60;

    public function __construct(public readonly string $import)
    {
    }

    public function handle(RecordImports $imports): void
    {
        $imports->run($this->found()) || $this->release(self::LOOK_AGAIN_SECONDS);
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
