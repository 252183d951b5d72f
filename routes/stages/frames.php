<?php

declare(strict_types=1);

use App\Pages\Frames\FramesController;
use App\Pages\Frames\ReturnController;
use App\Pages\Frames\TakenFrameController;
use Illuminate\Support\Facades\Route;

Route::middleware('can:view')->group(static function (): void {
    Route::get('/frames/taken/{super}', [TakenFrameController::class, 'show'])
        ->name('frames.taken');
    Route::get('/frames/{apiary}', [FramesController::class, 'show'])
        ->name('frames.yard');
});

Route::middleware(['can:record', 'write'])->group(static function (): void {
    Route::post('/frames/lots/{lot}/return', [ReturnController::class, 'store'])
        ->name('frames.return');
    Route::post('/frames/{apiary}', [FramesController::class, 'store'])
        ->name('frames.take');
    Route::post('/frames/{apiary}/combs', [FramesController::class, 'comb'])
        ->name('frames.comb');
    Route::post('/frames/{apiary}/moves', [FramesController::class, 'move'])
        ->name('frames.move');
});
