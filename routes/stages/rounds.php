<?php

declare(strict_types=1);

use App\Pages\Rounds\DriveController;
use App\Pages\Rounds\ScheduleController;
use Illuminate\Support\Facades\Route;

Route::middleware('can:view')->group(static function (): void {
    Route::get('/clear/rounds', [ScheduleController::class, 'index'])
        ->name('clear.rounds.index');
    Route::get('/clear/rounds/new', [ScheduleController::class, 'create'])
        ->name('clear.rounds.create');
    Route::get('/clear/drives', [DriveController::class, 'show'])
        ->name('clear.drives');
    Route::get('/clear/rounds/{schedule}', [ScheduleController::class, 'show'])
        ->name('clear.rounds.show');
});

Route::middleware(['can:manage', 'write'])->group(static function (): void {
    Route::put('/clear/drives', [DriveController::class, 'update'])
        ->name('clear.drives.update');
    Route::post('/clear/rounds', [ScheduleController::class, 'store'])
        ->name('clear.rounds.store');
    Route::put('/clear/rounds/{schedule}/stop', [ScheduleController::class, 'stop'])
        ->name('clear.rounds.stop');
    Route::post('/clear/rounds/{schedule}/again', [ScheduleController::class, 'again'])
        ->name('clear.rounds.again');
    Route::put('/clear/rounds/{schedule}/move', [ScheduleController::class, 'move'])
        ->name('clear.rounds.move');
    Route::put('/clear/rounds/{schedule}/unlock', [ScheduleController::class, 'unlock'])
        ->name('clear.rounds.unlock');
    Route::post('/clear/rounds/{schedule}/use', [ScheduleController::class, 'use'])
        ->name('clear.rounds.use');
    Route::delete('/clear/rounds/{schedule}', [ScheduleController::class, 'destroy'])
        ->name('clear.rounds.destroy');
});
