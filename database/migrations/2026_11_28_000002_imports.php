<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Lists that came in: how far they are, and which athletes they made, so that one can be taken back. */
return new class extends Migration
{
    private const EXACT = 'utf8mb4_bin';

    public function up(): void
    {
        Schema::create('imports', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('team_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('made_by')->nullable()->constrained('users')->nullOnDelete();
            $table->string('state', 10)->collation(self::EXACT);
            $table->unsignedInteger('total');
            $table->unsignedInteger('done')->default(0);
            $table->longText('content')->nullable();
            $table->text('problem')->nullable();
            $table->timestamps();
        });
        Schema::table('athletes', static function (Blueprint $table): void {
            // No foreign key: it would hold the row of the import for as long as its athletes are being made, and nobody
            // could be told how far it is.
            $table->ulid('import_id')->nullable()->index();
        });
    }

    public function down(): void
    {
        Schema::table('athletes', static fn (Blueprint $table) => $table->dropColumn('import_id'));
        Schema::dropIfExists('imports');
    }
};
