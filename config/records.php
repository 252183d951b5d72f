<?php

declare(strict_types=1);

use App\Models;

/*
 * Every kind of record with its word in the audit trail, the bin and its addresses; children first, so that emptying
 * the bin breaks no reference.
 */
return [
    'kinds' => [
        'follow_up' => Models\FollowUp::class,
        'loading_tick' => Models\LoadingTick::class,
        'calendar_link' => Models\CalendarLink::class,
        'schedule' => Models\Schedule::class,
        'feeding' => Models\Feeding::class,
        'hive_weighing' => Models\HiveWeighing::class,
        'practice_try' => Models\PracticeTry::class,
        'eye' => Models\Eye::class,
        'box_weighing' => Models\BoxWeighing::class,
        'harvest_policy' => Models\HarvestPolicy::class,
        'room_check' => Models\RoomCheck::class,
        'room_air' => Models\RoomAirReading::class,
        'room_reading' => Models\RoomReading::class,
        'load_frame' => Models\LoadFrame::class,
        'extractor_load' => Models\ExtractorLoad::class,
        'jar_move' => Models\JarMove::class,
        'jar_fill' => Models\JarFill::class,
        'jar_kind' => Models\JarKind::class,
        'pour' => Models\Pour::class,
        'batch' => Models\Batch::class,
        'bucket_kind' => Models\BucketKind::class,
        'capping' => Models\Capping::class,
        'bucket' => Models\Bucket::class,
        'frame_move' => Models\FrameMove::class,
        'taken_super' => Models\TakenSuper::class,
        'lot' => Models\Lot::class,
        'harvest' => Models\Harvest::class,
        'clearing_super' => Models\ClearingSuper::class,
        'clearing' => Models\Clearing::class,
        'decision' => Models\Decision::class,
        'winter_look' => Models\WinterLook::class,
        'treatment' => Models\Treatment::class,
        'flow_sign' => Models\FlowSign::class,
        'scale_import' => Models\ScaleImport::class,
        'past_yield' => Models\PastYield::class,
        'yield_import' => Models\YieldImport::class,
        'hive_note' => Models\HiveNote::class,
        'queen_mark' => Models\QueenMark::class,
        'bloom' => Models\Bloom::class,
        'hive_scale' => Models\HiveScale::class,
        'scale_weight' => Models\ScaleWeight::class,
        'weather_day' => Models\WeatherDay::class,
        'drive' => Models\Drive::class,
        'moisture_reading' => Models\MoistureReading::class,
        'instrument' => Models\Instrument::class,
        'frame_look' => Models\FrameLook::class,
        'assessment' => Models\Assessment::class,
        'box_place' => Models\BoxPlace::class,
        'box' => Models\Box::class,
        'box_kind_row' => Models\BoxKindRow::class,
        'colony_fact' => Models\ColonyFact::class,
        'colony' => Models\Colony::class,
        'queen' => Models\Queen::class,
        'hive' => Models\Hive::class,
        'stand' => Models\Stand::class,
        'apiary' => Models\Apiary::class,
    ],
    // Beside the records: what the audit trail names too.
    'others' => [
        'user' => Models\User::class,
        'operation' => Models\Operation::class,
    ],
];
