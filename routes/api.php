<?php

declare(strict_types=1);

use App\Calc\CalcController;
use App\Http\Middleware\BasicOnce;
use Illuminate\Support\Facades\Route;

// Pure computation for programs: signed in by HTTP basic authentication, no record is read or written.
Route::middleware([BasicOnce::class, 'throttle:calc'])->prefix('v1')->group(function (): void {
    Route::get('/calc', [CalcController::class, 'index'])->name('calc.index');
    Route::get('/calc/{name}', [CalcController::class, 'show'])->name('calc.show');
    Route::post('/calc/{name}', [CalcController::class, 'store'])->name('calc.store');
});
