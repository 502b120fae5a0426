<?php

declare(strict_types=1);

use App\Club\Models\Athlete;
use App\Platform\Database\TeamScope;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Athletes are listed a page at a time, and found by any part of an encrypted name. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('athletes', function (Blueprint $table): void {
            $table->index(['team_id', 'squad', 'number']);
        });
        Schema::create('athlete_runs', function (Blueprint $table): void {
            $table->foreignUlid('athlete_id')->constrained()->cascadeOnDelete();
            $table->binary('run', 8, true);
            $table->primary(['run', 'athlete_id']);
        });
        Athlete::query()->withoutGlobalScope(TeamScope::class)->withTrashed()->each(
            static fn (Athlete $athlete) => $athlete->index(),
        );
    }

    public function down(): void
    {
        Schema::dropIfExists('athlete_runs');
        Schema::table('athletes', function (Blueprint $table): void {
            $table->dropIndex(['team_id', 'squad', 'number']);
        });
    }
};
