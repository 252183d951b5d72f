<?php

declare(strict_types=1);

use App\Pages\Yards\BoxController;
use App\Pages\Yards\BoxKindController;
use App\Pages\Yards\ChosenHivesController;
use App\Pages\Yards\ClimateController;
use App\Pages\Yards\ColonyController;
use App\Pages\Yards\HiveController;
use App\Pages\Yards\QueenController;
use App\Pages\Yards\Season\SeasonController;
use App\Pages\Yards\Table\TableController;
use App\Pages\Yards\TreatmentController;
use App\Pages\Yards\YardController;
use App\Pages\Yards\YardPolicyController;
use Illuminate\Support\Facades\Route;

Route::middleware('can:view')->group(static function (): void {
    Route::get('/season', [SeasonController::class, 'show'])
        ->name('season.show');
    Route::get('/yards', [YardController::class, 'index'])
        ->name('yards.index');
    Route::get('/yards/find', [YardController::class, 'find'])
        ->name('yards.find');
    Route::get('/yards/table', [TableController::class, 'show'])
        ->name('yards.table');
    Route::get('/yards/{apiary}', [YardController::class, 'show'])
        ->name('yards.yard');
    Route::get('/yards/{apiary}/{hive:code}', [YardController::class, 'show'])
        ->name('yards.hive')
        ->withoutScopedBindings();
});

Route::middleware(['can:record', 'write'])->group(static function (): void {
    Route::post('/yards/boxes/{box}/move', [BoxController::class, 'move'])
        ->name('yards.boxes.move');
    Route::post('/yards/boxes/{box}/off', [BoxController::class, 'off'])
        ->name('yards.boxes.off');
    Route::post('/yards/hives/{hive}/boxes', [BoxController::class, 'store'])
        ->name('yards.boxes.store');
    Route::post('/yards/hives/{hive}/facts', [ColonyController::class, 'fact'])
        ->name('yards.facts.store');
});

Route::middleware(['can:manage', 'write'])->group(static function (): void {
    Route::post('/season/close', [SeasonController::class, 'close'])
        ->name('season.close');
    Route::delete('/season/{season}/close', [SeasonController::class, 'open'])
        ->whereNumber('season')
        ->name('season.open');
    Route::post('/season/begin', [SeasonController::class, 'begin'])
        ->name('season.begin');
    Route::put('/yards/{apiary}/chosen/kind', [ChosenHivesController::class, 'kind'])
        ->name('yards.chosen.kind');
    Route::put('/yards/{apiary}/chosen/queens', [ChosenHivesController::class, 'queens'])
        ->name('yards.chosen.queens');
    Route::put('/yards/{apiary}/climate', [ClimateController::class, 'update'])
        ->name('yards.climate');
    Route::post('/yards/table', [TableController::class, 'store'])
        ->name('yards.table.store');
    Route::post('/yards', [YardController::class, 'store'])
        ->name('yards.store');
    Route::put('/yards/{apiary}', [YardController::class, 'update'])
        ->name('yards.update');
    Route::delete('/yards/{apiary}', [YardController::class, 'destroy'])
        ->name('yards.destroy');
    Route::post('/yards/{apiary}/hives', [HiveController::class, 'store'])
        ->name('yards.hives.store');
    Route::put('/yards/hives/{hive}', [HiveController::class, 'update'])
        ->name('yards.hives.update');
    Route::delete('/yards/hives/{hive}', [HiveController::class, 'destroy'])
        ->name('yards.hives.destroy');
    Route::put('/yards/hives/{hive}/queen', [ColonyController::class, 'requeen'])
        ->name('yards.queen');
    Route::delete('/yards/facts/{fact}', [ColonyController::class, 'forget'])
        ->name('yards.facts.destroy');
    Route::put('/yards/queens/{queen}', [QueenController::class, 'update'])
        ->name('yards.queens.update');
    Route::delete('/yards/queens/{queen}', [QueenController::class, 'destroy'])
        ->name('yards.queens.destroy');
    Route::post('/yards/kinds', [BoxKindController::class, 'store'])
        ->name('yards.kinds.store');
    Route::delete('/yards/kinds/{kind}', [BoxKindController::class, 'destroy'])
        ->name('yards.kinds.destroy');
    Route::delete('/yards/boxes/{box}', [BoxController::class, 'destroy'])
        ->name('yards.boxes.destroy');
    Route::post('/yards/{apiary}/treatments', [TreatmentController::class, 'store'])
        ->name('yards.treatments.store');
    Route::delete('/yards/treatments/{treatment}', [TreatmentController::class, 'destroy'])
        ->name('yards.treatments.destroy');
    Route::put('/yards/{apiary}/policy', [YardPolicyController::class, 'update'])
        ->name('yards.policy');
    Route::post('/yards/{apiary}/harvests', [YardPolicyController::class, 'store'])
        ->name('yards.harvests.store');
    Route::delete('/yards/harvests/{harvestPolicy}', [YardPolicyController::class, 'destroy'])
        ->name('yards.harvests.destroy');
});
