<?php

declare(strict_types=1);

namespace App\Providers;

use Carbon\CarbonImmutable;
use GrayCompass\Core\Assessor;
use GrayCompass\Core\ShippedData;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    private const LOGINS_PER_MINUTE = 10;

    public function register(): void
    {
        $this->app->singleton(ShippedData::class, static fn (): ShippedData => new ShippedData);
        $this->app->singleton(Assessor::class, fn (): Assessor => new Assessor($this->app->make(ShippedData::class)));
    }

    public function boot(): void
    {
        Date::use(CarbonImmutable::class);
        Model::shouldBeStrict();
        RateLimiter::for('login', static fn (Request $request): Limit => Limit::perMinute(self::LOGINS_PER_MINUTE)
            ->by(mb_strtolower($request->string('email')->toString()).'|'.$request->ip()));
    }
}
