<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What was made by a request with a key, so that the same one sent twice makes nothing a second time. */
return new class extends Migration
{
    private const EXACT = 'ascii_bin';

    public function up(): void
    {
        Schema::create('made_once', function (Blueprint $table): void {
            $table->char('id', 64)->collation(self::EXACT)->primary();
            $table->char('digest', 64)->collation(self::EXACT);
            $table->unsignedSmallInteger('status')->nullable();
            $table->mediumText('answer')->nullable();
            $table->dateTime('created_at')->index();
        });
        Schema::table('examinations', function (Blueprint $table): void {
            // The unique index also served the foreign key of the examiner.
            $table->index('examiner_id');
            $table->dropUnique(['examiner_id', 'start_key']);
            $table->dropColumn('start_key');
        });
    }

    public function down(): void
    {
        Schema::table('examinations', function (Blueprint $table): void {
            $table->string('start_key', 64)->nullable()->collation(self::EXACT);
            $table->unique(['examiner_id', 'start_key']);
            $table->dropIndex(['examiner_id']);
        });
        Schema::drop('made_once');
    }
};
