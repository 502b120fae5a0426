<?php

declare(strict_types=1);

use App\Club\Models\Athlete;
use App\Platform\Database\TeamScope;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** An athlete may have no number, and more may be known of them; who was born on the same day is found without the day. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('athletes', static function (Blueprint $table): void {
            $table->string('number', 20)->nullable()->change();
            $table->text('profile')->nullable()->after('born_on');
            $table->binary('born_hash', 8, true)->nullable()->after('born_on');
            $table->index(['team_id', 'born_hash']);
        });
        Athlete::query()->withoutGlobalScope(TeamScope::class)->withTrashed()
            ->each(static fn (Athlete $athlete) => $athlete->forceFill(['born_on' => $athlete->born_on])->save());
    }

    public function down(): void
    {
        Schema::table('athletes', static function (Blueprint $table): void {
            $table->dropIndex(['team_id', 'born_hash']);
            $table->dropColumn(['profile', 'born_hash']);
        });
    }
};
