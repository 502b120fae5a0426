<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** One line written under the key of the records: the person who cannot read it holds another key. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('key_checks', static function (Blueprint $table): void {
            $table->id();
            $table->text('encrypted');
            $table->timestamp('created_at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('key_checks');
    }
};
