<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * The record of who did what, which no statement changes or shortens, and beside each entry who saved and signed it.
 */
return new class extends Migration
{
    private const EXACT = 'utf8mb4_bin';

    public function up(): void
    {
        Schema::create('audit_entries', static function (Blueprint $table): void {
            $table->id();
            // Of no team: refused log-ins, and what the console does. No team or person takes its entries along.
            $table->char('team_id', 26)->nullable()->collation(self::EXACT);
            $table->char('user_id', 26)->nullable()->collation(self::EXACT);
            $table->string('event', 40)->collation(self::EXACT);
            $table->string('subject', 26)->nullable()->collation(self::EXACT);
            $table->json('detail');
            $table->string('address', 45)->collation(self::EXACT);
            $table->dateTime('at', 3);
            $table->char('previous_hash', 64)->collation(self::EXACT);
            $table->char('hash', 64)->collation(self::EXACT);
            $table->index(['team_id', 'id']);
            $table->index(['team_id', 'subject']);
        });
        Schema::create('audit_chains', static function (Blueprint $table): void {
            $table->char('team_id', 26)->primary()->collation(self::EXACT);
            $table->char('hash', 64)->collation(self::EXACT);
            $table->unsignedBigInteger('count');
        });
        foreach (['UPDATE', 'DELETE'] as $event) {
            $name = 'audit_entries_stay_'.strtolower($event);
            DB::unprepared("CREATE TRIGGER {$name} BEFORE {$event} ON audit_entries FOR EACH ROW "
                ."SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'audit entries stay as they are'");
        }
        Schema::table('sections', static function (Blueprint $table): void {
            $table->foreignUlid('saved_by')->nullable()->constrained('users')->nullOnDelete();
        });
        Schema::table('records', static function (Blueprint $table): void {
            $table->foreignUlid('saved_by')->nullable()->constrained('users')->nullOnDelete();
        });
        Schema::table('examinations', static function (Blueprint $table): void {
            $table->foreignUlid('signed_by')->nullable()->constrained('users')->nullOnDelete();
            $table->string('signed_ungated', 400)->nullable();
            $table->unsignedInteger('revision')->default(0);
            $table->string('start_key', 64)->nullable()->collation(self::EXACT);
            $table->unique(['examiner_id', 'start_key']);
        });
    }

    public function down(): void
    {
        Schema::table('examinations', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('signed_by');
            $table->dropUnique(['examiner_id', 'start_key']);
            $table->dropColumn(['signed_ungated', 'revision', 'start_key']);
        });
        Schema::table('records', static fn (Blueprint $table) => $table->dropConstrainedForeignId('saved_by'));
        Schema::table('sections', static fn (Blueprint $table) => $table->dropConstrainedForeignId('saved_by'));
        Schema::dropIfExists('audit_chains');
        Schema::dropIfExists('audit_entries');
    }
};
