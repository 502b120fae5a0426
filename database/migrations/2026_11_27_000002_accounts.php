<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Invitations, forgotten passwords, the second factor, and what would have left by mail. */
return new class extends Migration
{
    private const EXACT = 'utf8mb4_bin';

    public function up(): void
    {
        Schema::create('invitations', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('team_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('invited_by')->constrained('users');
            $table->text('email');
            $table->string('role', 20)->collation(self::EXACT);
            $table->char('token_hash', 64)->collation(self::EXACT)->unique();
            $table->dateTime('expires_at');
            $table->dateTime('used_at')->nullable();
            $table->timestamps();
        });
        Schema::create('resets', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('user_id')->constrained()->cascadeOnDelete();
            $table->char('token_hash', 64)->collation(self::EXACT)->unique();
            $table->dateTime('expires_at');
            $table->timestamps();
        });
        Schema::create('mails', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('team_id')->nullable()->constrained()->cascadeOnDelete();
            $table->boolean('secret');
            $table->text('recipient');
            $table->text('subject');
            $table->longText('message');
            $table->timestamps();
            $table->index(['team_id', 'id']);
        });
        Schema::table('users', static function (Blueprint $table): void {
            $table->text('factor')->nullable();
            $table->text('recovery')->nullable();
            $table->unsignedBigInteger('factor_step')->default(0);
        });
        Schema::table('teams', static fn (Blueprint $table) => $table->boolean('asks_second_factor')->default(false));
    }

    public function down(): void
    {
        Schema::table('teams', static fn (Blueprint $table) => $table->dropColumn('asks_second_factor'));
        Schema::table('users', static fn (Blueprint $table) => $table->dropColumn(['factor', 'recovery', 'factor_step']));
        foreach (['mails', 'resets', 'invitations'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
