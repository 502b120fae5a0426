<?php

declare(strict_types=1);

use App\Audit\Deed;
use App\Http\Controllers\AthleteController;
use App\Http\Controllers\CatalogueController;
use App\Http\Controllers\DeedController;
use App\Http\Controllers\ExaminationController;
use App\Http\Controllers\FindingController;
use App\Http\Controllers\SectionController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\TodayController;
use App\Http\Controllers\WeighController;
use Illuminate\Support\Facades\Route;

Route::controller(SessionController::class)->group(function (): void {
    Route::post('login', 'store')->middleware('throttle:login')->name('login');
    Route::get('me', 'show')->name('me');
    Route::post('logout', 'destroy')->middleware('auth')->name('logout');
    Route::get('ping', 'ping')->middleware('auth')->name('ping');
});

Route::middleware('auth')->group(function (): void {
    Route::get('catalogue', CatalogueController::class)->name('catalogue');
    Route::get('today', TodayController::class)->name('today');
    Route::post('weigh', [WeighController::class, 'store'])->name('weigh');

    Route::controller(DeedController::class)->middleware('can:viewAny,'.Deed::class)->group(function (): void {
        Route::get('deeds', 'index')->name('deeds');
        Route::get('deeds.csv', 'table')->name('deeds.table');
    });

    Route::get('athletes/{athlete}', [AthleteController::class, 'show'])->can('view', 'athlete')->name('athletes.show');
    Route::post('athletes/{athlete}/examinations', [ExaminationController::class, 'store'])
        ->can('examine', 'athlete')->name('athletes.examinations.store');

    Route::prefix('examinations/{examination}')->name('examinations.')->group(function (): void {
        Route::middleware('can:view,examination')->group(function (): void {
            Route::get('', [ExaminationController::class, 'show'])->name('show');
            Route::get('summary.pdf', [ExaminationController::class, 'pdf'])->name('pdf');
            Route::get('document', [ExaminationController::class, 'document'])->name('document');
            Route::get('weighing', [WeighController::class, 'show'])->name('weighing');
        });
        Route::post('signature', [ExaminationController::class, 'sign'])->can('sign', 'examination')->name('sign');
        Route::middleware('can:record,examination')->group(function (): void {
            Route::put('sections/{section}', [SectionController::class, 'update'])->name('sections.update');
            Route::put('findings/{manoeuvre}/{side}', [FindingController::class, 'update'])->name('findings.update');
            Route::delete(
                'findings/{manoeuvre}/{side}', [FindingController::class, 'destroy'],
            )->name('findings.destroy');
        });
    });
});

Route::any('{path}', static fn () => abort(404))->where('path', '.*')->name('nothing');
