<?php

declare(strict_types=1);

use App\Models;
use App\Models\Scopes;

$everywhere = [Scopes::class, 'everywhere'];
$elsewhere = [Scopes::class, 'elsewhere'];
$yard = [Scopes::class, 'ofYard'];
$flow = [Scopes::class, 'ofFlow'];
$weights = [Scopes::class, 'ofWeights'];
$hive = [Scopes::class, 'ofHive'];
$inspection = [Scopes::class, 'ofInspection'];

/*
 * Every kind of record with its word in the audit trail, the bin and its addresses, and the scopes of the cache that it
 * bears on; children first, so that emptying the bin breaks no reference.
 */
return [
    'kinds' => [
        'follow_up' => [Models\FollowUp::class, $yard],
        'loading_tick' => [Models\LoadingTick::class, $elsewhere],
        'calendar_link' => [Models\CalendarLink::class, $elsewhere],
        'schedule' => [Models\Schedule::class, $elsewhere],
        'feeding' => [Models\Feeding::class, $hive],
        'hive_weighing' => [Models\HiveWeighing::class, [Scopes::class, 'ofWeight']],
        'practice_try' => [Models\PracticeTry::class, $elsewhere],
        'eye' => [Models\Eye::class, $elsewhere],
        'box_weighing' => [Models\BoxWeighing::class, $elsewhere],
        'harvest_policy' => [Models\HarvestPolicy::class, $yard],
        'room_check' => [Models\RoomCheck::class, $elsewhere],
        'room_air' => [Models\RoomAirReading::class, $elsewhere],
        'room_reading' => [Models\RoomReading::class, $elsewhere],
        'load_frame' => [Models\LoadFrame::class, $elsewhere],
        'extractor_load' => [Models\ExtractorLoad::class, $elsewhere],
        'jar_move' => [Models\JarMove::class, $elsewhere],
        'jar_fill' => [Models\JarFill::class, $elsewhere],
        'jar_kind' => [Models\JarKind::class, $elsewhere],
        'pour' => [Models\Pour::class, $elsewhere],
        'batch' => [Models\Batch::class, $elsewhere],
        'bucket_kind' => [Models\BucketKind::class, $elsewhere],
        'capping' => [Models\Capping::class, $elsewhere],
        'bucket' => [Models\Bucket::class, $elsewhere],
        'frame_move' => [Models\FrameMove::class, [Scopes::class, 'ofFrameMove']],
        'taken_super' => [Models\TakenSuper::class, $elsewhere],
        'lot' => [Models\Lot::class, $elsewhere],
        'harvest' => [Models\Harvest::class, $elsewhere],
        'clearing_super' => [Models\ClearingSuper::class, $hive],
        'stop_trouble' => [Models\StopTrouble::class, $yard],
        'clearing' => [Models\Clearing::class, $yard],
        'decision' => [Models\Decision::class, $hive],
        'winter_look' => [Models\WinterLook::class, $hive],
        'treatment' => [Models\Treatment::class, $yard],
        'flow_sign' => [Models\FlowSign::class, $flow],
        'scale_import' => [Models\ScaleImport::class, [Scopes::class, 'ofScaleFile']],
        'past_yield' => [Models\PastYield::class, $elsewhere],
        'yield_import' => [Models\YieldImport::class, $elsewhere],
        'hive_note' => [Models\HiveNote::class, $elsewhere],
        'queen_mark' => [Models\QueenMark::class, [Scopes::class, 'ofQueenMark']],
        'bloom' => [Models\Bloom::class, $flow],
        'hive_scale' => [Models\HiveScale::class, $weights],
        'scale_weight' => [Models\ScaleWeight::class, [Scopes::class, 'ofWeight']],
        'weather_day' => [Models\WeatherDay::class, $yard],
        'drive' => [Models\Drive::class, $elsewhere],
        'moisture_reading' => [Models\MoistureReading::class, $inspection],
        'instrument' => [Models\Instrument::class, $elsewhere],
        'frame_look' => [Models\FrameLook::class, $inspection],
        'assessment' => [Models\Assessment::class, $hive],
        'box_place' => [Models\BoxPlace::class, [Scopes::class, 'ofPlace']],
        'box' => [Models\Box::class, [Scopes::class, 'ofBox']],
        'box_kind_row' => [Models\BoxKindRow::class, $everywhere],
        'colony_fact' => [Models\ColonyFact::class, $elsewhere],
        'colony' => [Models\Colony::class, $hive],
        'queen' => [Models\Queen::class, $everywhere],
        'hive' => [Models\Hive::class, [Scopes::class, 'ofHiveItself']],
        'season' => [Models\Season::class, $everywhere],
        'stand' => [Models\Stand::class, $yard],
        'apiary' => [Models\Apiary::class, $everywhere],
    ],
    // Beside the records: what the audit trail names too.
    'others' => [
        'user' => Models\User::class,
        'operation' => Models\Operation::class,
    ],
];
