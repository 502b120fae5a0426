<?php

declare(strict_types=1);

namespace App\Providers;

use Carbon\CarbonImmutable;
use GrayCompass\Core\Assessor;
use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\ShippedData;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(ShippedData::class, static fn (): ShippedData => new ShippedData);
        $this->app->singleton(Assessor::class, fn (): Assessor => new Assessor($this->app->make(ShippedData::class)));
    }

    public function boot(): void
    {
        Date::use(CarbonImmutable::class);
        Model::shouldBeStrict();
        // Codes in an address are matched exactly against the catalogue before any query.
        Route::bind('manoeuvre', fn (string $id): Manoeuvre => $this->catalogue()->has($id) ? $this->catalogue()->get($id) : abort(404));
    }

    private function catalogue(): Catalogue
    {
        return $this->app->make(ShippedData::class)->catalogue();
    }
}
