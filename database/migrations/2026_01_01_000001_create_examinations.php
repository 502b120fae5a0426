<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('athletes', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('team_id')->constrained()->cascadeOnDelete();
            $table->text('name');
            $table->string('number', 20);
            $table->string('squad', 80);
            $table->date('born_on');
            $table->timestamps();
            $table->softDeletes();
            $table->unique(['team_id', 'number']);
        });
        Schema::create('episodes', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('athlete_id')->constrained()->cascadeOnDelete();
            $table->string('hurt_side', 5);
            $table->date('injured_on')->nullable();
            $table->timestamps();
            $table->softDeletes();
        });
        Schema::create('examinations', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('team_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('episode_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('examiner_id')->constrained('users');
            $table->string('status', 10)->default('draft');
            $table->timestamp('examined_at');
            $table->timestamp('signed_at')->nullable();
            $table->timestamps();
            $table->softDeletes();
            $table->index(['team_id', 'status', 'examined_at']);
        });
        Schema::create('sections', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('examination_id')->constrained()->cascadeOnDelete();
            $table->string('name', 20);
            $table->longText('payload');
            $table->unsignedInteger('version');
            $table->timestamps();
            $table->unique(['examination_id', 'name']);
        });
        Schema::create('records', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('examination_id')->constrained()->cascadeOnDelete();
            $table->string('manoeuvre', 40);
            $table->string('side', 5);
            $table->longText('payload')->nullable();
            $table->boolean('before_gate')->default(false);
            $table->unsignedInteger('sequence');
            $table->unsignedInteger('version');
            $table->timestamps();
            $table->unique(['examination_id', 'manoeuvre', 'side']);
        });
        Schema::create('saves', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('examination_id')->constrained()->cascadeOnDelete();
            $table->string('key', 64);
            $table->string('part', 60);
            $table->unsignedInteger('version');
            $table->timestamp('created_at');
            $table->unique(['examination_id', 'key']);
        });
    }

    public function down(): void
    {
        foreach (['saves', 'records', 'sections', 'examinations', 'episodes', 'athletes'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
