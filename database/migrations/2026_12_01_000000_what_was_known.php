<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What was known of the knee when an examination was signed: later visits and scans do not change it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('snapshots', static function (Blueprint $table): void {
            $table->longText('past')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('snapshots', static function (Blueprint $table): void {
            $table->dropColumn('past');
        });
    }
};
