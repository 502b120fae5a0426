<?php

declare(strict_types=1);

use App\Http\Controllers\AthleteController;
use App\Http\Controllers\CatalogueController;
use App\Http\Controllers\ExaminationController;
use App\Http\Controllers\FindingController;
use App\Http\Controllers\SectionController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\ShellController;
use App\Http\Controllers\TodayController;
use App\Http\Controllers\WeighController;
use Illuminate\Support\Facades\Route;

Route::prefix('api')->group(function (): void {
    Route::post('login', [SessionController::class, 'store']);
    Route::get('me', [SessionController::class, 'show']);
    Route::middleware('auth')->group(function (): void {
        Route::post('logout', [SessionController::class, 'destroy']);
        Route::get('ping', [SessionController::class, 'ping']);
        Route::get('catalogue', CatalogueController::class);
        Route::get('today', TodayController::class);
        Route::get('athletes/{athlete}', [AthleteController::class, 'show']);
        Route::post('athletes/{athlete}/examinations', [ExaminationController::class, 'store']);
        Route::get('examinations/{examination}', [ExaminationController::class, 'show']);
        Route::post('examinations/{examination}/signature', [ExaminationController::class, 'sign']);
        Route::get('examinations/{examination}/summary.pdf', [ExaminationController::class, 'pdf']);
        Route::get('examinations/{examination}/weighing', [WeighController::class, 'show']);
        Route::post('weigh', [WeighController::class, 'store']);
        Route::get('examinations/{examination}/document', [ExaminationController::class, 'document']);
        Route::put('examinations/{examination}/sections/{section}', [SectionController::class, 'update']);
        Route::put('examinations/{examination}/findings/{manoeuvre}/{side}', [FindingController::class, 'update']);
        Route::delete('examinations/{examination}/findings/{manoeuvre}/{side}', [FindingController::class, 'destroy']);
    });
    Route::any('{path}', static fn () => abort(404))->where('path', '.*');
});

Route::get('{path}', ShellController::class)->where('path', '.*');
