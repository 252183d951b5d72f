<?php

declare(strict_types=1);

use App\Pages\Day\CalendarController;
use App\Pages\Day\DayController;
use App\Pages\Day\MendController;
use Illuminate\Support\Facades\Route;

Route::middleware('can:view')->group(static function (): void {
    Route::get('/clear/days/{day}', [DayController::class, 'show'])
        ->where('day', '\d{4}-\d{2}-\d{2}')
        ->name('clear.day');
    Route::get('/clear/days/{day}.pdf', [DayController::class, 'pdf'])
        ->where('day', '\d{4}-\d{2}-\d{2}')
        ->name('clear.day.pdf');
    Route::get('/clear/days/mend', [MendController::class, 'show'])
        ->name('clear.mend');
    Route::get('/clear/calendar.ics', [CalendarController::class, 'all'])
        ->name('clear.calendar');
    Route::get('/clear/rounds/{schedule}/calendar.ics', [CalendarController::class, 'schedule'])
        ->name('clear.rounds.calendar');
});

Route::middleware(['can:record', 'write'])->group(static function (): void {
    Route::put('/clear/days/{day}/load', [DayController::class, 'load'])
        ->where('day', '\d{4}-\d{2}-\d{2}')
        ->name('clear.day.load');
});

Route::middleware(['can:manage', 'write'])->group(static function (): void {
    Route::put('/clear/days/mend', [MendController::class, 'update'])
        ->name('clear.mend.update');
    Route::post('/clear/calendar', [CalendarController::class, 'store'])
        ->name('clear.calendar.store');
    Route::delete('/clear/calendar/{calendarLink}', [CalendarController::class, 'destroy'])
        ->name('clear.calendar.destroy');
});
