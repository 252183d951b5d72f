<?php

declare(strict_types=1);

use App\Pages\Winter\FeedController;
use App\Pages\Winter\KeepController;
use App\Pages\Winter\WeighController;
use App\Pages\Winter\WinterController;
use App\Pages\Winter\WinterLookController;
use Illuminate\Support\Facades\Route;

Route::middleware('can:view')->group(static function (): void {
    Route::get('/winter', [WinterController::class, 'index'])
        ->name('winter.index');
    Route::get('/winter/{apiary}', [WinterController::class, 'show'])
        ->name('winter.yard');
    Route::get('/winter/{apiary}/{hive:code}', [WinterController::class, 'show'])
        ->name('winter.hive')
        ->withoutScopedBindings();
    Route::get('/winter/{apiary}/{hive:code}/what-if', [WinterController::class, 'whatIf'])
        ->name('winter.what-if')
        ->withoutScopedBindings();
});

Route::middleware(['can:record', 'write'])->group(static function (): void {
    Route::post('/winter/hives/{hive}/looks', [WinterLookController::class, 'store'])
        ->name('winter.looks.store');
    Route::post('/winter/hives/{hive}/weighings', [WeighController::class, 'store'])
        ->name('winter.weighings.store');
    Route::post('/winter/hives/{hive}/feedings', [FeedController::class, 'store'])
        ->name('winter.feedings.store');
    Route::post('/winter/boxes/{box}/decisions', [KeepController::class, 'store'])
        ->name('winter.keep');
});

Route::middleware(['can:manage', 'write'])->group(static function (): void {
    Route::delete('/winter/weighings/{hiveWeighing}', [WeighController::class, 'destroy'])
        ->name('winter.weighings.destroy');
    Route::delete('/winter/feedings/{feeding}', [FeedController::class, 'destroy'])
        ->name('winter.feedings.destroy');
    Route::delete('/winter/looks/{look}', [WinterLookController::class, 'destroy'])
        ->name('winter.looks.destroy');
    Route::delete('/winter/decisions/{decision}', [KeepController::class, 'destroy'])
        ->name('winter.decisions.destroy');
});
