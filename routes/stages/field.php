<?php

declare(strict_types=1);

use App\Pages\Field\HiveNoteController;
use App\Pages\Field\Labels\CodeLabelController;
use App\Pages\Field\Paper\PaperController;
use App\Pages\Field\Sheets\SheetController;
use App\Pages\Field\Shell\ShellController;
use App\Pages\Field\Taps\TapController;
use Illuminate\Support\Facades\Route;

Route::middleware('can:view')->group(static function (): void {
    // By way of the sign-in page, where that is needed, and back.
    Route::get('/field/in', [ShellController::class, 'enter'])->name('field.in');
    Route::get('/field/yards', [SheetController::class, 'index'])->name('field.yards');
    Route::get('/field/yards/{apiary}', [SheetController::class, 'show'])->name('field.yard');
    Route::get('/field/photos/{note}', [HiveNoteController::class, 'show'])->name('field.photos.show');
    Route::get('/field/paper/{apiary}.pdf', [PaperController::class, 'show'])->name('field.paper');
    Route::get('/field/read/{apiary}', [PaperController::class, 'readOut'])->name('field.read');
    Route::get('/labels', [CodeLabelController::class, 'index'])->name('field.labels');
    Route::get('/labels/sheet.pdf', [CodeLabelController::class, 'sheet'])->name('field.labels.sheet');
    Route::get('/labels/{kind}/{id}.svg', [CodeLabelController::class, 'one'])->name('field.labels.one');
    // Each tap in it is a write of its own, with the rights and the key of its own.
    Route::post('/field/taps', [TapController::class, 'store'])->name('field.taps');
});

Route::middleware(['can:record', 'write'])->group(static function (): void {
    Route::post('/field/hives/{hive}/notes', [HiveNoteController::class, 'store'])->name('field.notes.store');
    Route::post('/field/hives/{hive}/photos', [HiveNoteController::class, 'photo'])->name('field.photos.store');
    Route::put('/field/hives/{hive}/excluder', [HiveNoteController::class, 'excluder'])->name('field.excluder');
});

Route::middleware(['can:manage', 'write'])->group(static function (): void {
    Route::delete('/field/notes/{note}', [HiveNoteController::class, 'destroy'])->name('field.notes.destroy');
});
