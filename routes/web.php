<?php

declare(strict_types=1);

use App\Platform\Http\HealthController;
use Illuminate\Support\Facades\Route;

Route::get('health', HealthController::class)->name('health');

// The secret stands behind a # and never comes here; the page's script asks for what it opens.
Route::view('page', 'page')->name('page.shell');

// The page that carries the interface is the same for everyone, logged in or not; what it shows comes from the API.
Route::view('{path}', 'shell')->where('path', '(?!api/|fhir(/|$)).*')->name('shell');
