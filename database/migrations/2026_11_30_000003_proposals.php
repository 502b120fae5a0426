<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a student proposes, until a practitioner accepts or declines it. */
return new class extends Migration
{
    private const EXACT = 'utf8mb4_bin';

    public function up(): void
    {
        Schema::create('proposals', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('team_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('athlete_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('episode_id')->nullable()->constrained()->cascadeOnDelete();
            $table->foreignUlid('task_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('kind', 20)->collation(self::EXACT);
            $table->string('state', 20)->collation(self::EXACT);
            $table->text('content');
            $table->text('why')->nullable();
            $table->foreignUlid('made_by')->nullable()->constrained('users')->nullOnDelete();
            $table->foreignUlid('decided_by')->nullable()->constrained('users')->nullOnDelete();
            $table->dateTime('decided_at')->nullable();
            $table->timestamps();
            $table->index(['team_id', 'state']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('proposals');
    }
};
