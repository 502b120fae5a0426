<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Letters and whom they go to, pages that are shown to athletes, and what a team sets for itself. */
return new class extends Migration
{
    private const EXACT = 'utf8mb4_bin';

    public function up(): void
    {
        Schema::table('teams', static fn (Blueprint $table) => $table->text('settings')->nullable());
        Schema::table('mails', static function (Blueprint $table): void {
            $table->foreignUlid('athlete_id')->nullable()->constrained()->cascadeOnDelete();
        });
        Schema::create('doctors', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('team_id')->constrained()->cascadeOnDelete();
            $table->text('content');
            $table->timestamps();
            $table->softDeletes();
        });
        Schema::create('letters', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('team_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('athlete_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('examination_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('version');
            $table->string('sent_by_way', 10)->collation(self::EXACT)->nullable();
            $table->dateTime('sent_at')->nullable();
            $table->foreignUlid('sent_by')->nullable()->constrained('users')->nullOnDelete();
            $table->timestamps();
            $table->softDeletes();
        });
        Schema::create('letter_versions', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('athlete_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('letter_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->mediumText('content');
            $table->foreignUlid('written_by')->nullable()->constrained('users')->nullOnDelete();
            $table->timestamps();
            $table->unique(['letter_id', 'number']);
        });
        Schema::create('shared_pages', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('team_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('examination_id')->unique()->constrained()->cascadeOnDelete();
            $table->char('token_hash', 64)->collation(self::EXACT)->unique();
            $table->dateTime('expires_at');
            $table->foreignUlid('made_by')->nullable()->constrained('users')->nullOnDelete();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        foreach (['shared_pages', 'letter_versions', 'letters', 'doctors'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('mails', static fn (Blueprint $table) => $table->dropConstrainedForeignId('athlete_id'));
        Schema::table('teams', static fn (Blueprint $table) => $table->dropColumn('settings'));
    }
};
