<?php

declare(strict_types=1);

use App\Pages\Watch\Blooms\BloomController;
use App\Pages\Watch\Scales\ScaleController;
use App\Pages\Watch\Scales\ScaleFileController;
use App\Pages\Watch\SignController;
use App\Pages\Watch\WatchController;
use App\Pages\Watch\WeightController;
use Illuminate\Support\Facades\Route;

Route::middleware(['can:manage'])->group(static function (): void {
    Route::get('/watch/scales/{hiveScale}/map', [ScaleFileController::class, 'show'])->name('watch.scales.map');
});
Route::middleware(['can:manage', 'write'])->group(static function (): void {
    Route::delete('/watch/signs/{sign}', [SignController::class, 'destroy'])->name('watch.signs.destroy');
    Route::delete('/watch/weights/{weight}', [WeightController::class, 'destroy'])->name('watch.weights.destroy');
    Route::delete('/watch/blooms/{bloom}', [BloomController::class, 'destroy'])->name('watch.blooms.destroy');
    Route::put('/watch/scales/{hiveScale}/secret', [ScaleController::class, 'secret'])->name('watch.scales.secret');
    Route::post('/watch/scales/{hiveScale}/file', [ScaleFileController::class, 'park'])->name('watch.scales.park');
    Route::post('/watch/scales/{hiveScale}/map', [ScaleFileController::class, 'store'])->name('watch.scales.read');
    Route::delete('/watch/scales/{hiveScale}', [ScaleController::class, 'destroy'])->name('watch.scales.destroy');
    Route::delete('/watch/imports/{scaleImport}', [ScaleFileController::class, 'destroy'])
        ->name('watch.imports.destroy');
});

Route::middleware('can:view')->group(static function (): void {
    Route::get('/watch', [WatchController::class, 'index'])->name('watch.index');
    Route::get('/watch/{apiary}', [WatchController::class, 'show'])->name('watch.yard');
    Route::get('/watch/{apiary}/days.csv', [WatchController::class, 'days'])->name('watch.days');
    Route::get('/watch/{apiary}/scales', [ScaleController::class, 'index'])->name('watch.scales');
});

Route::middleware(['can:record', 'write'])->group(static function (): void {
    Route::post('/watch/{apiary}/signs', [SignController::class, 'store'])->name('watch.signs.store');
    Route::post('/watch/{apiary}/weights', [WeightController::class, 'store'])->name('watch.weights.store');
    Route::post('/watch/{apiary}/blooms', [BloomController::class, 'store'])->name('watch.blooms.store');
});
Route::middleware(['can:manage', 'write'])->group(static function (): void {
    Route::post('/watch/{apiary}/scales', [ScaleController::class, 'store'])->name('watch.scales.store');
});
