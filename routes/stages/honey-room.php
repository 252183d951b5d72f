<?php

declare(strict_types=1);

use App\HoneyRoom\BlendController;
use App\HoneyRoom\BucketController;
use App\HoneyRoom\HoneyRoomController;
use App\HoneyRoom\JarsController;
use App\HoneyRoom\TakenSuperController;
use Illuminate\Support\Facades\Route;

Route::middleware('can:view')->group(static function (): void {
    Route::get('/honey-room', [HoneyRoomController::class, 'index'])
        ->name('honey-room.index');
    Route::get('/honey-room/blend', [BlendController::class, 'show'])
        ->name('honey-room.blend');
    Route::get('/honey-room/jars', [JarsController::class, 'show'])
        ->name('honey-room.jars');
    Route::get('/honey-room/{lot}', [HoneyRoomController::class, 'show'])
        ->name('honey-room.lot');
});

Route::middleware(['can:record', 'write'])->group(static function (): void {
    Route::post('/honey-room/{lot}/buckets', [BucketController::class, 'store'])
        ->name('honey-room.buckets.store');
    Route::put('/honey-room/buckets/{bucket}', [BucketController::class, 'update'])
        ->name('honey-room.buckets.update');
    Route::put('/honey-room/supers/{super}', [TakenSuperController::class, 'update'])
        ->name('honey-room.supers.update');
});

Route::middleware(['can:manage', 'write'])->group(static function (): void {
    Route::delete('/honey-room/buckets/{bucket}', [BucketController::class, 'destroy'])
        ->name('honey-room.buckets.destroy');
    Route::delete('/honey-room/{lot}', [HoneyRoomController::class, 'destroy'])
        ->name('honey-room.lots.destroy');
});
