<?php

declare(strict_types=1);

namespace App\Clinic\AthleteFiles;

use App\Clinic\Models\Export;
use App\Clinic\Values\ExportState;
use App\Platform\Database\TeamScope;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Support\Facades\Auth;
use Throwable;

/** Makes the zip of a whole record: some hundred visits take a minute. */
final class MakeExport implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public int $timeout = 80;

    public function __construct(public readonly string $export)
    {
    }

    public function handle(Exports $exports): void
    {
        $export = $this->found();
        if ($export === null) {
            return;
        }
        $before = Auth::user();
        Auth::onceUsingId($export->asked_by);
        try {
            $exports->make($export);
        } finally {
            $before === null ? Auth::forgetUser() : Auth::setUser($before);
        }
    }

    public function failed(?Throwable $problem): void
    {
        $this->found()?->update(['state' => ExportState::Failed]);
    }

    /** Null: the athlete was erased meanwhile. */
    private function found(): ?Export
    {
        return Export::query()->withoutGlobalScope(TeamScope::class)->find($this->export);
    }
}
