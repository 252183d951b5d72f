<?php

declare(strict_types=1);

use App\Pages\Clear\BoardController;
use App\Pages\Clear\ClearController;
use App\Pages\Clear\ClearingController;
use App\Pages\Clear\FinishController;
use App\Pages\Clear\FollowUpController;
use App\Pages\Clear\TroubleController;
use Illuminate\Support\Facades\Route;

Route::middleware('can:view')->group(static function (): void {
    Route::get('/clear', [ClearController::class, 'index'])
        ->name('clear.index');
    Route::get('/clear/plans/{clearing}', [ClearingController::class, 'show'])
        ->name('clear.plan');
    Route::get('/clear/{apiary}', [ClearController::class, 'show'])
        ->name('clear.yard');
});

Route::middleware(['can:record', 'write'])->group(static function (): void {
    Route::put('/clear/follow-ups/{followUp}', [FollowUpController::class, 'tick'])
        ->name('clear.follow-up');
    Route::put('/clear/items/{item}', [ClearingController::class, 'tick'])
        ->name('clear.tick');
    Route::post('/clear/hives/{hive}/boards', [BoardController::class, 'store'])
        ->name('clear.boards.store');
    Route::put('/clear/plans/{clearing}/placed', [FinishController::class, 'placed'])
        ->name('clear.placed');
    Route::put('/clear/plans/{clearing}/collected', [FinishController::class, 'collected'])
        ->name('clear.collected');
    Route::put('/clear/plans/{clearing}/trouble', TroubleController::class)
        ->name('clear.trouble');
    Route::put('/clear/days/{day}/finish', [FinishController::class, 'day'])
        ->where('day', '\d{4}-\d{2}-\d{2}')
        ->name('clear.day.finish');
});

Route::middleware(['can:manage', 'write'])->group(static function (): void {
    Route::post('/clear/{apiary}/plans', [ClearingController::class, 'store'])
        ->name('clear.plans.store');
    Route::delete('/clear/plans/{clearing}', [ClearingController::class, 'destroy'])
        ->name('clear.plans.destroy');
});
