<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Visits of both knees while they are sound, and which of them an examination is compared with. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('episodes', static fn (Blueprint $table) => $table->boolean('is_baseline')->default(false));
        Schema::table('examinations', static function (Blueprint $table): void {
            $table->foreignUlid('baseline_id')->nullable()->constrained('examinations')->nullOnDelete();
        });
    }

    public function down(): void
    {
        Schema::table('examinations', static fn (Blueprint $table) => $table->dropConstrainedForeignId('baseline_id'));
        Schema::table('episodes', static fn (Blueprint $table) => $table->dropColumn('is_baseline'));
    }
};
