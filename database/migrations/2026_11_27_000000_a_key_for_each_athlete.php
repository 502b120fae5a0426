<?php

declare(strict_types=1);

use App\Platform\Encryption\OwnSecret;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Room for a data key of each athlete, for sealed names and addresses, and for someone who is in several teams. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('secrets', static function (Blueprint $table): void {
            $table->string('id', 40)->primary();
            $table->text('encrypted');
        });
        OwnSecret::make(OwnSecret::ADDRESSES);
        Schema::table('athletes', static function (Blueprint $table): void {
            $table->text('data_key')->nullable()->after('team_id');
            $table->text('born_on')->change();
        });
        Schema::table('users', static function (Blueprint $table): void {
            $table->dropUnique(['email']);
            $table->text('name')->change();
            $table->text('email')->collation('utf8mb4_bin')->change();
            $table->char('email_hash', 64)->nullable()->collation('utf8mb4_bin')->after('email');
            $table->foreignUlid('membership_id')->nullable()->constrained()->nullOnDelete();
        });
        Schema::table('memberships', static fn (Blueprint $table) => $table->dateTime('ended_at')->nullable());
        Schema::table('examinations', static fn (Blueprint $table) => $table->text('signed_ungated')->nullable()->change());
    }

    public function down(): void
    {
        Schema::table('memberships', static fn (Blueprint $table) => $table->dropColumn('ended_at'));
        Schema::table('users', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('membership_id');
            $table->dropColumn('email_hash');
        });
        Schema::table('athletes', static fn (Blueprint $table) => $table->dropColumn('data_key'));
        Schema::dropIfExists('secrets');
    }
};
