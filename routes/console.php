<?php

declare(strict_types=1);

use App\Clinic\AthleteFiles\PruneExpired;
use App\Clinic\AthleteFiles\Retention;
use App\Clinic\AthleteFiles\TemporaryFolder;
use App\Exchange\Referrals\AskForAnswers;
use App\Exchange\Tables\TableExports;
use App\Exchange\Webhooks\ReviewsDue;
use App\Exchange\Webhooks\Webhooks;
use App\Trust\Audit\EndsByMail;
use Illuminate\Support\Facades\Schedule;

// What was needed for a while and is not any more; the scheduler of bin/start runs it.
Schedule::call(new PruneExpired)->name('leftovers')->dailyAt('03:10')->withoutOverlapping();
Schedule::call(static fn () => app(TableExports::class)->prune())->name('tables')->hourly()->withoutOverlapping();
Schedule::call(static fn () => app(Webhooks::class)->prune())->name('deliveries')->dailyAt('03:20')->withoutOverlapping();
// Hourly, for a day begins at another hour in each zone.
Schedule::call(static fn () => app(ReviewsDue::class)())->name('reviews')->hourly()->withoutOverlapping();
Schedule::call(static fn () => app(AskForAnswers::class)())->name('answers')->everyMinute()->withoutOverlapping();
Schedule::call(TemporaryFolder::sweep(...))->name('sweep')->everyFiveMinutes()->withoutOverlapping();
Schedule::call(static fn () => app(EndsByMail::class)())->name('ends')->weeklyOn(1, '05:20')->withoutOverlapping();
Schedule::call(static fn () => app(Retention::class)())->name('retention')->dailyAt('03:40')->withoutOverlapping();
