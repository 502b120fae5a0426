<?php

declare(strict_types=1);

namespace App\Providers;

use App\Audit\Deed;
use App\People\LoginLimits;
use App\Policies\DeedPolicy;
use App\Secrets\AthleteKeys;
use App\Secrets\RecordKeys;
use Carbon\CarbonImmutable;
use GrayCompass\Core\Arithmetic;
use GrayCompass\Core\Assessor;
use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Figures;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(Figures::class, static fn (): Figures => new Figures);
        $this->app->singleton(Arithmetic::class, fn (): Arithmetic => new Arithmetic($this->app->make(Figures::class)));
        $this->app->scoped(RecordKeys::class);
        $this->app->scoped(AthleteKeys::class);
        $this->app->singleton(Assessor::class, fn (): Assessor => new Assessor($this->app->make(Figures::class)));
    }

    public function boot(): void
    {
        Date::use(CarbonImmutable::class);
        Model::shouldBeStrict();
        JsonResource::withoutWrapping();
        Vite::useManifestFilename('.vite/manifest.json');
        // Whatever host or proxy the page came through, its parts come the same way.
        Vite::createAssetPathsUsing(static fn (string $path): string => "/{$path}");
        RateLimiter::for('login', LoginLimits::for(...));
        Gate::policy(Deed::class, DeedPolicy::class);
        // Codes in an address are matched exactly against the catalogue before any query.
        Route::bind(
            'manoeuvre',
            fn (string $id): Manoeuvre => $this->catalogue()->has($id) ? $this->catalogue()->get($id) : abort(404),
        );
    }

    private function catalogue(): Catalogue
    {
        return $this->app->make(Figures::class)->catalogue();
    }
}
