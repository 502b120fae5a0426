<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a knee turned out to have; and the person who keeps the server may invite the first of a team. */
return new class extends Migration
{
    private const EXACT = 'utf8mb4_bin';

    public function up(): void
    {
        Schema::create('reference_results', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('team_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('athlete_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('episode_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 20)->collation(self::EXACT);
            $table->date('seen_on');
            $table->text('content');
            $table->foreignUlid('made_by')->nullable()->constrained('users')->nullOnDelete();
            $table->timestamps();
            $table->softDeletes();
        });
        Schema::table('invitations', static function (Blueprint $table): void {
            $table->ulid('invited_by')->nullable()->change();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('reference_results');
    }
};
