<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Reports and pictures beside what a knee turned out to have. */
return new class extends Migration
{
    private const EXACT = 'utf8mb4_bin';

    public function up(): void
    {
        Schema::create('attachments', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('team_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('athlete_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('reference_result_id')->constrained()->cascadeOnDelete();
            $table->text('name');
            $table->string('type', 40)->collation(self::EXACT);
            $table->unsignedInteger('bytes');
            $table->foreignUlid('made_by')->nullable()->constrained('users')->nullOnDelete();
            $table->timestamps();
            $table->softDeletes();
        });
        Schema::create('attachment_parts', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('athlete_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('attachment_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('number');
            $table->mediumText('content');
            $table->timestamps();
            $table->unique(['attachment_id', 'number']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('attachment_parts');
        Schema::dropIfExists('attachments');
    }
};
