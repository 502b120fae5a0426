<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('snapshots', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('examination_id')->unique()->constrained()->cascadeOnDelete();
            $table->longText('payload');
            $table->string('rules', 20);
            $table->string('evidence', 100);
            $table->timestamp('created_at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('snapshots');
    }
};
