<?php

declare(strict_types=1);

use App\Api\CalcController;
use App\Foundation\Http\ProgramSignIn;
use App\Pages\Day\CalendarController;
use App\Pages\Watch\Scales\ReadingsController;
use Illuminate\Support\Facades\Route;

// Pure computation for programs: signed in by token or HTTP basic authentication, no record is read or written.
Route::middleware([ProgramSignIn::class, 'throttle:calc'])
    ->prefix('v1')
    ->group(function (): void {
        Route::get('/calc', [CalcController::class, 'index'])->name('calc.index');
        Route::get('/calc/schemas', [CalcController::class, 'schemas'])->name('calc.schemas');
        Route::get('/calc/{name}', [CalcController::class, 'show'])->name('calc.show');
        Route::post('/calc/{name}', [CalcController::class, 'store'])->name('calc.store');
    });
Route::get('/v1/calendar/{token}.ics', [CalendarController::class, 'feed'])
    ->where('token', '[A-Za-z0-9]{40}')
    ->middleware('throttle:60,1')
    ->name('calendar.feed');

// For scales: each with a secret of its own, which opens nothing else.
Route::prefix('v1/scales/{scale}')
    ->middleware('throttle:scales')
    ->where(['scale' => '[0-9a-zA-Z]{26}'])
    ->group(function (): void {
        Route::get('/', [ReadingsController::class, 'show'])->name('scales.show');
        Route::post('/readings', [ReadingsController::class, 'store'])->name('scales.readings');
    });
