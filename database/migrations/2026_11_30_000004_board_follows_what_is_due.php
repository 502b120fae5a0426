<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** When a knee is looked at again is said by what is due, which is moved and closed; the board's own day went stale. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('availabilities', static function (Blueprint $table): void {
            $table->dropColumn('review_on');
        });
        Schema::table('tasks', static function (Blueprint $table): void {
            $table->index(['athlete_id', 'kind', 'state']);
        });
    }

    public function down(): void
    {
        Schema::table('tasks', static function (Blueprint $table): void {
            $table->dropIndex(['athlete_id', 'kind', 'state']);
        });
        Schema::table('availabilities', static function (Blueprint $table): void {
            $table->date('review_on')->nullable();
        });
    }
};
