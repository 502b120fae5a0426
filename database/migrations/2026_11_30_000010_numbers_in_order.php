<?php

declare(strict_types=1);

use App\Club\Models\Athlete;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Shirt numbers in the order of numbers, by an index: the database keeps no natural order of its own. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('athletes', static function (Blueprint $table): void {
            // Twenty characters hold ten runs of digits at most, each ten digits long.
            $table->string('number_order', 110)->nullable();
            $table->index(['team_id', 'squad', 'number_order']);
        });
        foreach (DB::table('athletes')->whereNotNull('number')->distinct()->pluck('number') as $number) {
            \assert(is_string($number));
            DB::table('athletes')->where('number', $number)->update(['number_order' => Athlete::inOrder($number)]);
        }
    }

    public function down(): void
    {
        Schema::table('athletes', static function (Blueprint $table): void {
            $table->dropIndex(['team_id', 'squad', 'number_order']);
            $table->dropColumn('number_order');
        });
    }
};
