<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Addresses of other programs that are told of what happens, and each call to them. */
return new class extends Migration
{
    private const EXACT = 'ascii_bin';

    public function up(): void
    {
        Schema::create('webhooks', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('team_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('made_by')->constrained('users')->cascadeOnDelete();
            $table->text('address');
            $table->text('secret');
            $table->text('events');
            $table->dateTime('created_at');
            $table->dateTime('updated_at');
        });
        Schema::create('webhook_deliveries', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('webhook_id')->constrained()->cascadeOnDelete();
            $table->string('event', 40)->collation(self::EXACT);
            $table->ulid('subject')->nullable()->index();
            $table->text('body');
            $table->string('state', 10)->collation(self::EXACT);
            $table->unsignedSmallInteger('attempts')->default(0);
            $table->unsignedSmallInteger('status')->nullable();
            $table->string('problem', 300)->nullable();
            $table->dateTime('next_at')->nullable();
            $table->dateTime('created_at')->index();
            $table->dateTime('updated_at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('webhook_deliveries');
        Schema::dropIfExists('webhooks');
    }
};
