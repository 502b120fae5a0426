<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What seals a person's devices, and what a team's names are found by, was made from the key of the records; on its own
 * it outlives a new key. Those that are there keep what they had, so that no device and no search is lost.
 */
return new class extends Migration
{
    public function up(): void
    {
        foreach (['users' => 'device', 'teams' => 'search'] as $name => $purpose) {
            Schema::table($name, static fn (Blueprint $table) => $table->text('secret')->nullable());
            foreach (DB::table($name)->pluck('id') as $id) {
                $secret = hash_hmac('sha256', $purpose.' '.(is_string($id) ? $id : ''), Config::string('app.key'), true);
                DB::table($name)->where('id', $id)->update(['secret' => Crypt::encryptString(base64_encode($secret))]);
            }
        }
    }

    public function down(): void
    {
        foreach (['users', 'teams'] as $name) {
            Schema::table($name, static fn (Blueprint $table) => $table->dropColumn('secret'));
        }
    }
};
