<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a signed plan asks for, and what someone notes by hand; nothing of it disappears. */
return new class extends Migration
{
    private const EXACT = 'utf8mb4_bin';

    public function up(): void
    {
        Schema::create('tasks', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('team_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('athlete_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('examination_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('kind', 20)->collation(self::EXACT);
            $table->string('state', 10)->collation(self::EXACT);
            $table->text('content');
            $table->text('closing')->nullable();
            $table->date('due_from')->nullable();
            $table->date('due_on')->nullable();
            $table->foreignUlid('made_by')->nullable()->constrained('users')->nullOnDelete();
            $table->foreignUlid('closed_by')->nullable()->constrained('users')->nullOnDelete();
            $table->dateTime('closed_at')->nullable();
            $table->timestamps();
            $table->index(['team_id', 'state', 'due_on']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('tasks');
    }
};
