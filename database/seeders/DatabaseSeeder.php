<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Access\Models\Team;
use Illuminate\Database\Seeder;

/** Loads the demo club once, in demo mode alone; an existing club is left as it is. */
final class DatabaseSeeder extends Seeder
{
    public function run(): void
    {
        if ((bool) config('app.demo') && Team::query()->doesntExist()) {
            $this->call(DemoSeeder::class);
        }
    }
}
