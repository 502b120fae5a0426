<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Who may play, by what was signed last of each knee: all that a coach sees. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('availabilities', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('team_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('athlete_id')->constrained()->cascadeOnDelete();
            $table->string('side', 5)->collation('utf8mb4_bin');
            $table->foreignUlid('examination_id')->constrained()->cascadeOnDelete();
            $table->text('content');
            $table->date('review_on')->nullable();
            $table->timestamps();
            $table->unique(['athlete_id', 'side']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('availabilities');
    }
};
