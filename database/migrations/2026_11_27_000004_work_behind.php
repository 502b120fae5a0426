<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What takes longer than a person waits stands in a line, and is not lost with who works on it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('jobs', static function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
        Schema::create('failed_jobs', static function (Blueprint $table): void {
            $table->id();
            $table->string('uuid')->unique();
            $table->text('connection');
            $table->text('queue');
            $table->longText('payload');
            $table->longText('exception');
            $table->timestamp('failed_at')->useCurrent();
        });
        Schema::table('saves', static fn (Blueprint $table) => $table->index('created_at'));
    }

    public function down(): void
    {
        Schema::table('saves', static fn (Blueprint $table) => $table->dropIndex(['created_at']));
        Schema::dropIfExists('failed_jobs');
        Schema::dropIfExists('jobs');
    }
};
