<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Referrals that went to the hospital, and what it answered. */
return new class extends Migration
{
    private const EXACT = 'ascii_bin';

    public function up(): void
    {
        Schema::create('sent_referrals', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('team_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('athlete_id')->constrained()->cascadeOnDelete();
            // A referral goes out once, however often it is asked for.
            $table->foreignUlid('task_id')->unique()->constrained()->cascadeOnDelete();
            $table->foreignUlid('sent_by')->nullable()->constrained('users')->nullOnDelete();
            $table->string('state', 10)->collation(self::EXACT)->index();
            $table->mediumText('request');
            $table->mediumText('answer')->nullable();
            $table->unsignedSmallInteger('attempts')->default(0);
            $table->text('problem')->nullable();
            $table->dateTime('next_at')->nullable()->index();
            $table->dateTime('sent_at')->nullable();
            $table->dateTime('appointment_at')->nullable();
            $table->dateTime('created_at');
            $table->dateTime('updated_at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('sent_referrals');
    }
};
