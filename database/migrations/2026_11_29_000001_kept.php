<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** When a record will be erased by the clock, told before, and until when someone asked to keep it all the same. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('athletes', static function (Blueprint $table): void {
            $table->date('erase_on')->nullable()->index();
            $table->date('keep_until')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('athletes', static fn (Blueprint $table) => $table->dropColumn(['erase_on', 'keep_until']));
    }
};
