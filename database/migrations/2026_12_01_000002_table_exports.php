<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** All signed examinations of a team as tables: how far each export is, and its rows, encrypted in pieces for a day. */
return new class extends Migration
{
    private const EXACT = 'ascii_bin';

    public function up(): void
    {
        Schema::create('table_exports', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('team_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('asked_by')->constrained('users')->cascadeOnDelete();
            $table->string('state', 20)->collation(self::EXACT);
            $table->unsignedInteger('total');
            $table->unsignedInteger('done')->default(0);
            $table->unsignedInteger('bytes')->nullable();
            $table->char('reached', 26)->collation(self::EXACT)->nullable();
            $table->dateTime('created_at');
            $table->dateTime('updated_at');
        });
        Schema::create('table_export_parts', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('table_export_id')->constrained()->cascadeOnDelete();
            $table->string('of_table', 20)->collation(self::EXACT);
            $table->unsignedInteger('number');
            $table->mediumText('content');
            $table->dateTime('created_at');
            $table->dateTime('updated_at');
            $table->unique(['table_export_id', 'of_table', 'number']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('table_export_parts');
        Schema::dropIfExists('table_exports');
    }
};
