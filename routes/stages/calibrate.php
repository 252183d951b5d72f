<?php

declare(strict_types=1);

use App\Pages\Calibrate\CalibrateController;
use App\Pages\Calibrate\InstrumentController;
use App\Pages\Calibrate\WinterUseController;
use Illuminate\Support\Facades\Route;

Route::middleware('can:view')->group(static function (): void {
    Route::get('/calibrate', [CalibrateController::class, 'show'])
        ->name('calibrate.show');
});

Route::middleware(['can:record', 'write'])->group(static function (): void {
    Route::post('/calibrate/weighings', [CalibrateController::class, 'weigh'])
        ->name('calibrate.weighings.store');
});

Route::middleware(['can:manage', 'write'])->group(static function (): void {
    Route::put('/calibrate/winter', [WinterUseController::class, 'update'])
        ->name('calibrate.winter');
    Route::delete('/calibrate/weighings/{weighing}', [CalibrateController::class, 'forget'])
        ->name('calibrate.weighings.destroy');
    Route::put('/calibrate/fill', [CalibrateController::class, 'fill'])
        ->name('calibrate.fill');
    Route::post('/calibrate/instruments', [InstrumentController::class, 'store'])
        ->name('calibrate.instruments.store');
    Route::put('/calibrate/instruments/{instrument}/check', [InstrumentController::class, 'check'])
        ->name('calibrate.instruments.check');
    Route::delete('/calibrate/instruments/{instrument}', [InstrumentController::class, 'destroy'])
        ->name('calibrate.instruments.destroy');
});
