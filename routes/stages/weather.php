<?php

declare(strict_types=1);

use App\Pages\Watch\WeatherController;
use Illuminate\Support\Facades\Route;

Route::middleware(['can:manage', 'write'])->group(static function (): void {
    Route::post('/clear/weather', [WeatherController::class, 'store'])
        ->name('clear.weather.store');
    Route::delete('/clear/weather/{weatherDay}', [WeatherController::class, 'destroy'])
        ->name('clear.weather.destroy');
    Route::post('/clear/forecast', [WeatherController::class, 'fetch'])
        ->name('clear.forecast');
});
