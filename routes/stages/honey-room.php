<?php

declare(strict_types=1);

use App\Pages\HoneyRoom\Batches\BatchController;
use App\Pages\HoneyRoom\Batches\FillController;
use App\Pages\HoneyRoom\Batches\JarLabelController;
use App\Pages\HoneyRoom\Batches\PourController;
use App\Pages\HoneyRoom\Bench\BenchController;
use App\Pages\HoneyRoom\Bench\HoneyRoomController;
use App\Pages\HoneyRoom\BlendController;
use App\Pages\HoneyRoom\BucketController;
use App\Pages\HoneyRoom\CheckController;
use App\Pages\HoneyRoom\Door\DoorController;
use App\Pages\HoneyRoom\Door\WetController;
use App\Pages\HoneyRoom\Equipment\BucketKindController;
use App\Pages\HoneyRoom\Equipment\EquipmentController;
use App\Pages\HoneyRoom\Equipment\JarKindController;
use App\Pages\HoneyRoom\Extracting\ExtractorController;
use App\Pages\HoneyRoom\Extracting\FrameWeightController;
use App\Pages\HoneyRoom\JarsController;
use App\Pages\HoneyRoom\LotNotesController;
use App\Pages\HoneyRoom\TakenSuperController;
use App\Pages\HoneyRoom\WarmRoom\WarmRoomController;
use Illuminate\Support\Facades\Route;

Route::prefix('honey-room')->name('honey-room.')->group(static function (): void {
    Route::middleware('can:view')->group(static function (): void {
        Route::get('/', [HoneyRoomController::class, 'index'])->name('index');
        Route::get('/lots', [HoneyRoomController::class, 'lots'])->name('lots');
        Route::get('/known', [BenchController::class, 'known'])->name('known');
        Route::get('/door', [DoorController::class, 'show'])->name('door');
        Route::get('/warm', [WarmRoomController::class, 'show'])->name('warm');
        Route::get('/extractor', [ExtractorController::class, 'show'])->name('extractor');
        Route::get('/blend', [BlendController::class, 'show'])->name('blend');
        Route::get('/jars', [JarsController::class, 'show'])->name('jars');
        Route::get('/batches', [BatchController::class, 'index'])->name('batches');
        Route::get('/batches/{batch}', [BatchController::class, 'show'])->name('batch');
        Route::get('/batches/{batch}/trace.pdf', [JarLabelController::class, 'trace'])->name('trace');
        Route::get('/fills/{fill}/labels.pdf', [JarLabelController::class, 'labels'])->name('labels');
        Route::get('/equipment', [EquipmentController::class, 'show'])->name('equipment');
        Route::get('/buckets/{bucket}', [BucketController::class, 'show'])->name('bucket');
        Route::get('/{lot}', [HoneyRoomController::class, 'show'])->name('lot');
    });

    // Before those whose first part is a lot's id.
    Route::middleware(['can:manage', 'write'])->group(static function (): void {
        Route::put('/equipment/machine', [EquipmentController::class, 'machine'])->name('equipment.machine');
        Route::put('/equipment/devices', [EquipmentController::class, 'devices'])->name('equipment.devices');
        Route::post('/equipment/buckets', [BucketKindController::class, 'store'])->name('bucket-kinds.store');
        Route::delete('/equipment/buckets/{bucketKind}', [BucketKindController::class, 'destroy'])
            ->name('bucket-kinds.destroy');
        Route::post('/equipment/jars', [JarKindController::class, 'store'])->name('jar-kinds.store');
        Route::delete('/equipment/jars/{jarKind}', [JarKindController::class, 'destroy'])->name('jar-kinds.destroy');
        Route::delete('/buckets/{bucket}', [BucketController::class, 'destroy'])->name('buckets.destroy');
        Route::delete('/pours/{pour}', [PourController::class, 'destroy'])->name('pours.destroy');
        Route::delete('/batches/{batch}', [BatchController::class, 'destroy'])->name('batches.destroy');
        Route::delete('/{lot}', [HoneyRoomController::class, 'destroy'])->name('lots.destroy');
    });

    Route::middleware(['can:record', 'write'])->group(static function (): void {
        Route::post('/checks', [CheckController::class, 'store'])->name('checks.store');
        Route::post('/door', [DoorController::class, 'byHand'])->name('door.by-hand');
        Route::post('/door/{super}', [DoorController::class, 'arrive'])->name('door.arrive');
        Route::post('/door/{super}/missing', [DoorController::class, 'missing'])->name('door.missing');
        Route::post('/door/{super}/use', [DoorController::class, 'use'])->name('door.use');
        Route::post('/{lot}/arrive', [DoorController::class, 'arriveAll'])->name('door.all');
        Route::post('/{lot}/more', [DoorController::class, 'more'])->name('door.more');
        Route::post('/{lot}/away', [WetController::class, 'away'])->name('away');
        Route::post('/{lot}/wet', [WetController::class, 'store'])->name('wet');
        Route::post('/warm/move', [WarmRoomController::class, 'move'])->name('warm.move');
        Route::post('/warm/air', [WarmRoomController::class, 'air'])->name('warm.air');
        Route::post('/warm/sensor', [WarmRoomController::class, 'sensor'])->name('warm.sensor');
        Route::post('/warm/{super}/reading', [WarmRoomController::class, 'reading'])->name('warm.reading');
        Route::post('/extractor/load', [ExtractorController::class, 'load'])->name('extractor.load');
        Route::put('/extractor/frames/{super}/{slot}', [FrameWeightController::class, 'update'])
            ->whereNumber('slot')
            ->name('extractor.weigh');
        Route::post('/extractor/spun', [ExtractorController::class, 'supers'])->name('extractor.supers');
        Route::post('/extractor/{load}/step', [ExtractorController::class, 'step'])->name('extractor.step');
        Route::post('/extractor/{load}/spun', [ExtractorController::class, 'spun'])->name('extractor.spun');
        Route::delete('/extractor/{load}', [ExtractorController::class, 'destroy'])->name('extractor.destroy');
        Route::post('/batches', [BatchController::class, 'store'])->name('batches.store');
        Route::post('/batches/{batch}/fills', [FillController::class, 'store'])->name('fills.store');
        Route::post('/batches/{batch}/close', [BatchController::class, 'close'])->name('batches.close');
        Route::post('/fills/{fill}/moves', [FillController::class, 'move'])->name('fills.move');
        Route::post('/buckets/{bucket}/pours', [PourController::class, 'store'])->name('pours.store');
        Route::post('/{lot}/buckets', [BucketController::class, 'store'])->name('buckets.store');
        Route::put('/buckets/{bucket}', [BucketController::class, 'update'])->name('buckets.update');
        Route::put('/supers/{super}', [TakenSuperController::class, 'update'])->name('supers.update');
        Route::put('/{lot}/notes', [LotNotesController::class, 'update'])->name('notes');
        Route::put('/{lot}/cappings', [LotNotesController::class, 'cappings'])->name('cappings');
    });

});
