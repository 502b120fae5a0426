<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The person who does not sign asks someone who does. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('examinations', static fn (Blueprint $table) => $table->dateTime('asked_at')->nullable());
    }

    public function down(): void
    {
        Schema::table('examinations', static fn (Blueprint $table) => $table->dropColumn('asked_at'));
    }
};
