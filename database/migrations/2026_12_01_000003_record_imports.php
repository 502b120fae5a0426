<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Examinations and results that came in: how far each import is, and what it made, so that it can be undone. */
return new class extends Migration
{
    private const EXACT = 'ascii_bin';

    /** No foreign keys: they would hold the row of the import while its records are made, and nobody could tell how far it is. */
    private const MADE = ['athletes', 'examinations', 'reference_results'];

    public function up(): void
    {
        Schema::create('record_imports', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('team_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('made_by')->constrained('users')->cascadeOnDelete();
            $table->string('state', 10)->collation(self::EXACT);
            $table->unsignedInteger('total');
            $table->unsignedInteger('done')->default(0);
            $table->text('origin');
            $table->longText('content')->nullable();
            $table->text('problem')->nullable();
            $table->dateTime('created_at');
            $table->dateTime('updated_at');
        });
        foreach (self::MADE as $made) {
            Schema::table($made, static fn (Blueprint $table) => $table->ulid('record_import_id')->nullable()->index());
        }
        Schema::table('examinations', static function (Blueprint $table): void {
            $table->text('origin')->nullable();
            $table->longText('unread')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('examinations', static fn (Blueprint $table) => $table->dropColumn(['origin', 'unread']));
        foreach (self::MADE as $made) {
            Schema::table($made, static fn (Blueprint $table) => $table->dropColumn('record_import_id'));
        }
        Schema::dropIfExists('record_imports');
    }
};
