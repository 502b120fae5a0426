<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Both knees hurt: two examinations of one visit, each of one knee. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('examinations', static function (Blueprint $table): void {
            $table->foreignUlid('twin_id')->nullable()->unique()->constrained('examinations')->nullOnDelete();
        });
    }

    public function down(): void
    {
        Schema::table('examinations', static fn (Blueprint $table) => $table->dropConstrainedForeignId('twin_id'));
    }
};
