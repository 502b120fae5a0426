<?php

declare(strict_types=1);

use App\Exchange\Fhir\Capabilities;
use App\Exchange\Http\Controllers\FhirController;
use Illuminate\Support\Facades\Route;

Route::controller(FhirController::class)->name('fhir.')->group(function (): void {
    // What the interface can do is no secret.
    Route::get('metadata', 'metadata')->middleware('token:fhir')->name('metadata');
    Route::middleware(['auth:sanctum', 'second-factor', 'can:examine', 'token:fhir'])->group(function (): void {
        Route::get('CodeSystem', 'codeSystems')->name('code-systems');
        Route::get('CodeSystem/{name}', 'codeSystem')->name('code-system');
        Route::get('Patient', 'patients')->name('patients');
        Route::post('Patient/_search', 'patients')->name('patients.search');
        Route::get('Patient/{id}', 'patient')->name('patient');
        Route::get('Patient/{id}/$everything', 'everything')->name('everything');
        Route::get('{type}', 'search')->whereIn('type', Capabilities::TYPES)->name('search');
    });
});

Route::any('{path}', static fn () => abort(404))->where('path', '.*')->middleware('token:fhir')->name('fhir.nothing');
