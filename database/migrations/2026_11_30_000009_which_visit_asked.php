<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Which visit had asked for a result: what was held likely then is what it is compared with. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('reference_results', static function (Blueprint $table): void {
            $table->foreignUlid('asked_by_id')->nullable()->constrained('examinations')->nullOnDelete();
        });
    }

    public function down(): void
    {
        Schema::table('reference_results', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('asked_by_id');
        });
    }
};
