<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Whole records as they were asked for, sealed in pieces until they are fetched. */
return new class extends Migration
{
    private const EXACT = 'utf8mb4_bin';

    public function up(): void
    {
        Schema::create('exports', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('team_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('athlete_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('asked_by')->constrained('users')->cascadeOnDelete();
            $table->string('state', 20)->collation(self::EXACT);
            $table->unsignedInteger('bytes')->nullable();
            $table->dateTime('created_at');
            $table->dateTime('updated_at');
        });
        Schema::create('export_parts', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('athlete_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('export_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('number');
            $table->mediumText('content');
            $table->dateTime('created_at');
            $table->dateTime('updated_at');
            $table->unique(['export_id', 'number']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('export_parts');
        Schema::dropIfExists('exports');
    }
};
