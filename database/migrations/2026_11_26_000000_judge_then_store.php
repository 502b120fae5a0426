<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * Codes and keys are compared letter by letter, accents and case included; saves are bound to their
 * content; holds are kept between two saves; what is signed keeps the input of its chances.
 */
return new class extends Migration
{
    private const EXACT = 'utf8mb4_bin';

    public function up(): void
    {
        Schema::table('sections', static function (Blueprint $table): void {
            $table->string('name', 20)->collation(self::EXACT)->change();
        });
        Schema::table('records', static function (Blueprint $table): void {
            $table->string('manoeuvre', 40)->collation(self::EXACT)->change();
            $table->string('side', 5)->collation(self::EXACT)->change();
        });
        Schema::table('saves', static function (Blueprint $table): void {
            $table->string('key', 64)->collation(self::EXACT)->change();
            $table->string('part', 60)->collation(self::EXACT)->change();
            $table->char('digest', 64)->nullable()->after('key');
        });
        Schema::table('examinations', static function (Blueprint $table): void {
            $table->longText('holds')->nullable()->after('signed_at');
        });
        Schema::table('snapshots', static function (Blueprint $table): void {
            $table->longText('problem')->nullable()->after('payload');
        });
    }

    public function down(): void
    {
        Schema::table('snapshots', static fn (Blueprint $table) => $table->dropColumn('problem'));
        Schema::table('examinations', static fn (Blueprint $table) => $table->dropColumn('holds'));
        Schema::table('saves', static fn (Blueprint $table) => $table->dropColumn('digest'));
    }
};
