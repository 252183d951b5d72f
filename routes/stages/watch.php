<?php

declare(strict_types=1);

use App\Watch\SignController;
use App\Watch\WatchController;
use App\Watch\WeightController;
use Illuminate\Support\Facades\Route;

Route::middleware('can:view')->group(static function (): void {
    Route::get('/watch', [WatchController::class, 'index'])
        ->name('watch.index');
    Route::get('/watch/{apiary}', [WatchController::class, 'show'])
        ->name('watch.yard');
});

Route::middleware(['can:record', 'write'])->group(static function (): void {
    Route::post('/watch/{apiary}/signs', [SignController::class, 'store'])
        ->name('watch.signs.store');
    Route::post('/watch/{apiary}/weights', [WeightController::class, 'store'])
        ->name('watch.weights.store');
});

Route::middleware(['can:manage', 'write'])->group(static function (): void {
    Route::delete('/watch/signs/{sign}', [SignController::class, 'destroy'])
        ->name('watch.signs.destroy');
    Route::delete('/watch/weights/{weight}', [WeightController::class, 'destroy'])
        ->name('watch.weights.destroy');
});
