<?php

declare(strict_types=1);

use App\Pages\Practise\PractiseController;
use Illuminate\Support\Facades\Route;

Route::middleware('can:view')->group(static function (): void {
    Route::get('/practise', [PractiseController::class, 'face'])
        ->name('practise.face');
    Route::get('/practise/scale', [PractiseController::class, 'scale'])
        ->name('practise.scale');
});

Route::middleware(['can:record', 'write'])->group(static function (): void {
    Route::post('/practise', [PractiseController::class, 'guessFace'])
        ->name('practise.face.guess');
    Route::post('/practise/scale', [PractiseController::class, 'guessScale'])
        ->name('practise.scale.guess');
    Route::post('/practise/eye', [PractiseController::class, 'apply'])
        ->name('practise.eye');
    Route::delete('/practise/eye', [PractiseController::class, 'drop'])
        ->name('practise.eye.drop');
});
