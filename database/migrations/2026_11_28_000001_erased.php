<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What is left of someone whose record was erased: that there was one, and who had it erased, when and why. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('erased_athletes', static function (Blueprint $table): void {
            // The id that the athlete had.
            $table->ulid('id')->primary();
            $table->foreignUlid('team_id')->constrained()->cascadeOnDelete();
            $table->json('examinations');
            $table->text('reason');
            $table->foreignUlid('erased_by')->nullable()->constrained('users')->nullOnDelete();
            $table->timestamp('created_at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('erased_athletes');
    }
};
