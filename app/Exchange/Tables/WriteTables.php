<?php

declare(strict_types=1);

namespace App\Exchange\Tables;

use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Throwable;

/** One step of an export of tables; the next one is another job, so that none runs for long. */
final class WriteTables implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public int $timeout = 80;

    public function __construct(public readonly string $export)
    {
    }

    public function handle(TableExports $exports): void
    {
        if ($exports->step($this->export)) {
            dispatch(new self($this->export));
        }
    }

    public function failed(?Throwable $problem): void
    {
        app(TableExports::class)->fail($this->export);
    }
}
