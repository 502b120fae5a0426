<?php

declare(strict_types=1);

use App\People\Leftovers;
use Illuminate\Support\Facades\Schedule;

// What was needed for a while and is not any more; the scheduler of bin/start runs it.
Schedule::call(new Leftovers)->name('leftovers')->dailyAt('03:10')->withoutOverlapping();
