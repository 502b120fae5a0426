<?php

declare(strict_types=1);

use App\Http\Controllers\HealthController;
use App\Http\Controllers\PageController;
use Illuminate\Support\Facades\Route;

Route::get('health', HealthController::class)->name('health');

Route::get('page/{token}', [PageController::class, 'read'])->middleware('throttle:secrets')->name('page.read');

// The page that carries the interface is the same for everyone, logged in or not; what it shows comes from the API.
Route::view('{path}', 'shell')->where('path', '(?!api/).*')->name('shell');
