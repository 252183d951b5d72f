<?php

declare(strict_types=1);

use App\Pages\Assess\AlikeController;
use App\Pages\Assess\AssessController;
use App\Pages\Assess\DecisionController;
use App\Pages\Assess\FrameController;
use App\Pages\Assess\LookController;
use App\Pages\Assess\Notes\ShortNotesController;
use App\Pages\Assess\ReadingController;
use Illuminate\Support\Facades\Route;

Route::middleware('can:view')->group(static function (): void {
    Route::get('/short-notes', [ShortNotesController::class, 'show'])
        ->name('assess.notes');
    Route::post('/short-notes/preview', [ShortNotesController::class, 'preview'])
        ->name('assess.notes.preview');
    Route::get('/assess', [AssessController::class, 'index'])
        ->name('assess.index');
    Route::get('/assess/{apiary}', [AssessController::class, 'show'])
        ->name('assess.yard');
    Route::get('/assess/{apiary}/{hive:code}', [AssessController::class, 'show'])
        ->name('assess.hive')
        ->withoutScopedBindings();
});

Route::middleware(['can:record', 'write'])->group(static function (): void {
    Route::post('/short-notes', [ShortNotesController::class, 'store'])
        ->name('assess.notes.store');
    Route::put('/assess/boxes/{box}/frames/{slot}', [FrameController::class, 'update'])
        ->whereNumber('slot')
        ->name('assess.frames.update');
    Route::post('/assess/boxes/{box}/alike', [AlikeController::class, 'store'])
        ->name('assess.alike');
    Route::post('/assess/boxes/{box}/readings/instrument', [ReadingController::class, 'instrument'])
        ->name('assess.readings.instrument');
    Route::post('/assess/{apiary}/decisions', [DecisionController::class, 'bulk'])
        ->name('assess.bulk');
    Route::put('/assess/boxes/{box}/shake', [LookController::class, 'shake'])
        ->name('assess.shake');
    Route::post('/assess/boxes/{box}/readings', [ReadingController::class, 'store'])
        ->name('assess.readings.store');
    Route::post('/assess/boxes/{box}/decisions', [DecisionController::class, 'store'])
        ->name('assess.decisions.store');
});

Route::middleware(['can:manage', 'write'])->group(static function (): void {
    Route::delete('/assess/frames/{frame}', [FrameController::class, 'destroy'])
        ->name('assess.frames.destroy');
    Route::delete('/assess/readings/{reading}', [ReadingController::class, 'destroy'])
        ->name('assess.readings.destroy');
    Route::delete('/assess/decisions/{decision}', [DecisionController::class, 'destroy'])
        ->name('assess.decisions.destroy');
});
