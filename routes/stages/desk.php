<?php

declare(strict_types=1);

use App\Pages\Desk\DeskController;
use Illuminate\Support\Facades\Route;

Route::middleware('can:view')->group(static function (): void {
    Route::get('/', DeskController::class)
        ->name('desk');
});
