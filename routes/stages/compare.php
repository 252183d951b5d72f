<?php

declare(strict_types=1);

use App\Compare\CompareController;
use Illuminate\Support\Facades\Route;

Route::middleware('can:view')->group(static function (): void {
    Route::get('/compare', [CompareController::class, 'index'])
        ->name('compare.index');
    Route::get('/compare.csv', [CompareController::class, 'csv'])
        ->name('compare.csv');
});
