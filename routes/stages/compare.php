<?php

declare(strict_types=1);

use App\Pages\Compare\CompareController;
use App\Pages\Compare\Out\NotesController;
use App\Pages\Compare\Out\OutController;
use App\Pages\Compare\Queens\PlanController;
use App\Pages\Compare\Queens\QueensController;
use App\Pages\Compare\Yards\YardsController;
use App\Transfer\OperationImportController;
use App\Transfer\WholeController;
use Illuminate\Support\Facades\Route;

Route::middleware('can:view')->group(static function (): void {
    Route::get('/compare', [CompareController::class, 'index'])->name('compare.index');
    Route::get('/compare.csv', [CompareController::class, 'csv'])->name('compare.csv');
    Route::get('/compare/queens', [QueensController::class, 'index'])->name('compare.queens');
    Route::get('/compare/queens/{queen}', [QueensController::class, 'show'])->name('compare.queen');
    Route::get('/compare/yards', YardsController::class)->name('compare.yards');
    Route::get('/compare/out', [OutController::class, 'index'])->name('compare.out');
    Route::get('/compare/out/yields.xlsx', [OutController::class, 'workbook'])->name('compare.out.xlsx');
    Route::get('/compare/out/table', [OutController::class, 'table'])->name('compare.out.table');
    Route::get('/compare/out/yards.geojson', [OutController::class, 'yards'])->name('compare.out.yards');
    Route::get('/compare/out/operation.schema.json', [WholeController::class, 'schema'])->name('compare.out.schema');
    Route::get('/compare/out/season-{season}.pdf', [OutController::class, 'season'])
        ->whereNumber('season')
        ->name('compare.out.season');
    Route::get('/compare/plan', [PlanController::class, 'show'])->name('compare.plan');
    Route::get('/compare/plan.csv', [PlanController::class, 'csv'])->name('compare.plan.csv');
});

Route::middleware('can:manage')->group(static function (): void {
    Route::get('/compare/out/operation.json', [WholeController::class, 'json'])->name('compare.out.json');
    Route::get('/compare/out/operation.zip', [WholeController::class, 'zip'])->name('compare.out.zip');
    Route::get('/compare/notes', [NotesController::class, 'show'])->name('compare.notes.map');
    Route::get('/compare/notes/grid', [NotesController::class, 'grid'])->name('compare.notes.grid');
});

Route::middleware(['can:manage', 'write'])->group(static function (): void {
    Route::delete('/compare/in/whole', [OperationImportController::class, 'destroy'])->name('compare.in.back');
    Route::post('/compare/notes/file', [NotesController::class, 'park'])->name('compare.notes.park');
    Route::post('/compare/notes', [NotesController::class, 'store'])->name('compare.notes.store');
    Route::delete('/compare/notes/{yieldImport}', [NotesController::class, 'destroy'])->name('compare.notes.destroy');
    Route::put('/compare/queens/{queen}/mark', [QueensController::class, 'mark'])->name('compare.mark');
    Route::put('/compare/queens/{queen}/mother', [QueensController::class, 'mother'])->name('compare.mother');
    Route::delete('/compare/marks/{queenMark}', [QueensController::class, 'unmark'])->name('compare.unmark');
});
