<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** With what other programs come in, on behalf of a member: hashes of tokens, and what each may do. */
return new class extends Migration
{
    private const EXACT = 'ascii_bin';

    public function up(): void
    {
        Schema::create('tokens', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('team_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('membership_id')->constrained()->cascadeOnDelete();
            $table->string('tokenable_type', 100)->collation(self::EXACT);
            $table->foreignUlid('tokenable_id')->constrained('users')->cascadeOnDelete();
            $table->string('name', 100);
            $table->boolean('of_team')->default(false);
            $table->char('token', 64)->collation(self::EXACT)->unique();
            $table->string('abilities', 100);
            $table->dateTime('last_used_at')->nullable();
            $table->dateTime('expires_at');
            $table->dateTime('created_at');
            $table->dateTime('updated_at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('tokens');
    }
};
