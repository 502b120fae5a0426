<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What is said of a signed examination later, and the one that takes its place; neither changes what was signed. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('addenda', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('examination_id')->constrained()->cascadeOnDelete();
            $table->text('words');
            $table->foreignUlid('written_by')->nullable()->constrained('users')->nullOnDelete();
            $table->timestamp('created_at');
        });
        Schema::table('examinations', static function (Blueprint $table): void {
            $table->foreignUlid('supersedes_id')->nullable()->constrained('examinations')->nullOnDelete();
        });
    }

    public function down(): void
    {
        Schema::table('examinations', static fn (Blueprint $table) => $table->dropConstrainedForeignId('supersedes_id'));
        Schema::dropIfExists('addenda');
    }
};
