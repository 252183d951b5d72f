<?php

declare(strict_types=1);

use App\Account;
use App\Assess;
use App\Calibrate;
use App\Clear;
use App\Compare;
use App\Desk;
use App\HoneyRoom;
use App\Practise;
use App\Watch;
use App\Winter;
use App\Yards;
use Illuminate\Support\Facades\Route;

Route::middleware('guest')->group(function (): void {
    Route::get('/sign-in', [Account\SignIn::class, 'show'])->name('sign-in');
    Route::post('/sign-in', [Account\SignIn::class, 'store'])->middleware('throttle:sign-in');
    Route::get('/sign-up', [Account\SignUp::class, 'show'])->name('sign-up');
    Route::post('/sign-up', [Account\SignUp::class, 'store'])->middleware('throttle:sign-in');
});
Route::post('/sign-out', [Account\SignIn::class, 'destroy'])
    ->middleware('auth')
    ->name('sign-out');

Route::middleware(['auth', 'operation'])->group(function (): void {
    Route::get('/start', [\App\Yards\StartController::class, 'show'])->name('start.show');
    Route::post('/start', [\App\Yards\StartController::class, 'store'])
        ->middleware('write')
        ->name('start.store');

    Route::middleware('can:view')->group(function (): void {
        Route::get('/', Desk\DeskController::class)->name('desk');
        Route::get('/watch', [Watch\WatchController::class, 'index'])->name('watch.index');
        Route::get('/watch/{apiary}', [Watch\WatchController::class, 'show'])->name('watch.yard');
        Route::get('/assess', [Assess\AssessController::class, 'index'])->name('assess.index');
        Route::get('/assess/{apiary}', [Assess\AssessController::class, 'show'])->name('assess.yard');
        Route::get('/assess/{apiary}/{hive:code}', [Assess\AssessController::class, 'show'])
            ->name('assess.hive')
            ->withoutScopedBindings();
        Route::get('/winter', [Winter\WinterController::class, 'index'])->name('winter.index');
        Route::get('/winter/{apiary}', [Winter\WinterController::class, 'show'])->name('winter.yard');
        Route::get('/winter/{apiary}/{hive:code}', [Winter\WinterController::class, 'show'])
            ->name('winter.hive')
            ->withoutScopedBindings();
        Route::get('/winter/{apiary}/{hive:code}/what-if', [Winter\WinterController::class, 'whatIf'])
            ->name('winter.what-if')
            ->withoutScopedBindings();
        Route::get('/clear', [Clear\ClearController::class, 'index'])->name('clear.index');
        Route::get('/clear/rounds', [\App\Rounds\ScheduleController::class, 'index'])->name('clear.rounds.index');
        Route::get('/clear/rounds/new', [\App\Rounds\ScheduleController::class, 'create'])->name('clear.rounds.create');
        Route::get('/clear/drives', [\App\Rounds\DriveController::class, 'show'])->name('clear.drives');
        Route::get('/clear/days/{day}', [\App\Day\DayController::class, 'show'])
            ->where('day', '\d{4}-\d{2}-\d{2}')
            ->name('clear.day');
        Route::get('/clear/days/{day}.pdf', [\App\Day\DayController::class, 'pdf'])
            ->where('day', '\d{4}-\d{2}-\d{2}')
            ->name('clear.day.pdf');
        Route::get('/clear/calendar.ics', [\App\Day\CalendarController::class, 'all'])->name('clear.calendar');
        Route::get('/clear/rounds/{round}/calendar.ics', [\App\Day\CalendarController::class, 'round'])->name(
            'clear.rounds.calendar',
        );
        Route::get('/clear/rounds/{round}', [\App\Rounds\ScheduleController::class, 'show'])->name('clear.rounds.show');
        Route::get('/clear/plans/{plan}', [\App\Clear\ClearingController::class, 'show'])->name('clear.plan');
        Route::get('/clear/{apiary}', [Clear\ClearController::class, 'show'])->name('clear.yard');
        Route::get('/honey-room', [HoneyRoom\HoneyRoomController::class, 'index'])->name('honey-room.index');
        Route::get('/honey-room/{lot}', [HoneyRoom\HoneyRoomController::class, 'show'])->name('honey-room.lot');
        Route::get('/compare', [Compare\CompareController::class, 'index'])->name('compare.index');
        Route::get('/compare.csv', [Compare\CompareController::class, 'csv'])->name('compare.csv');
        Route::get('/yards', [Yards\YardController::class, 'index'])->name('yards.index');
        Route::get('/yards/find', [Yards\YardController::class, 'find'])->name('yards.find');
        Route::get('/yards/{apiary}', [Yards\YardController::class, 'show'])->name('yards.yard');
        Route::get('/yards/{apiary}/{hive:code}', [Yards\YardController::class, 'show'])
            ->name('yards.hive')
            ->withoutScopedBindings();
        Route::get('/calibrate', [Calibrate\CalibrateController::class, 'show'])->name('calibrate.show');
        Route::get('/practise', [Practise\PractiseController::class, 'face'])->name('practise.face');
        Route::get('/practise/scale', [Practise\PractiseController::class, 'scale'])->name('practise.scale');
        Route::get('/account', [Account\AccountController::class, 'show'])->name('account.show');
        Route::get('/account/policy', [Account\PolicyController::class, 'show'])->name('account.policy');
        Route::get('/account/trail', [Account\TrailController::class, 'index'])->name('account.trail');
        Route::get('/account/bin', [Account\BinController::class, 'index'])->name('account.bin');
    });

    // A person's own settings: every member may change them.
    Route::middleware(['can:view', 'write'])->group(function (): void {
        Route::put('/account', [Account\AccountController::class, 'update'])->name('account.update');
        Route::put('/account/password', [Account\AccountController::class, 'password'])->name('account.password');
        Route::put('/account/operation', [Account\AccountController::class, 'switch'])->name('account.switch');
    });

    Route::middleware(['can:record', 'write'])->group(function (): void {
        Route::post('/undo', [Account\UndoController::class, 'store'])->name('undo');
        Route::post('/watch/{apiary}/signs', [Watch\SignController::class, 'store'])->name('watch.signs.store');
        Route::post('/watch/{apiary}/weights', [Watch\WeightController::class, 'store'])->name('watch.weights.store');
        Route::put('/assess/boxes/{box}/frames/{slot}', [Assess\FrameController::class, 'update'])
            ->whereNumber('slot')
            ->name('assess.frames.update');
        Route::post('/assess/boxes/{box}/alike', [Assess\AlikeController::class, 'store'])->name('assess.alike');
        Route::post('/assess/boxes/{box}/readings/instrument', [Assess\ReadingController::class, 'instrument'])->name(
            'assess.readings.instrument',
        );
        Route::post('/assess/{apiary}/decisions', [Assess\DecisionController::class, 'bulk'])->name('assess.bulk');
        Route::put('/assess/boxes/{box}/shake', [Assess\LookController::class, 'shake'])->name('assess.shake');
        Route::post('/assess/boxes/{box}/readings', [Assess\ReadingController::class, 'store'])->name(
            'assess.readings.store',
        );
        Route::post('/assess/boxes/{box}/decisions', [Assess\DecisionController::class, 'store'])->name(
            'assess.decisions.store',
        );
        Route::post('/winter/hives/{hive}/looks', [Winter\WinterLookController::class, 'store'])->name(
            'winter.looks.store',
        );
        Route::post('/winter/hives/{hive}/weighings', [Winter\WeighController::class, 'store'])->name(
            'winter.weighings.store',
        );
        Route::post('/winter/hives/{hive}/feedings', [Winter\FeedController::class, 'store'])->name(
            'winter.feedings.store',
        );
        Route::post('/winter/boxes/{box}/decisions', [Winter\KeepController::class, 'store'])->name('winter.keep');
        Route::put('/clear/follow-ups/{followUp}', [Clear\FollowUps::class, 'tick'])->name('clear.follow-up');
        Route::put('/clear/days/{day}/load', [\App\Day\DayController::class, 'load'])
            ->where('day', '\d{4}-\d{2}-\d{2}')
            ->name('clear.day.load');
        Route::put('/clear/items/{item}', [\App\Clear\ClearingController::class, 'tick'])->name('clear.tick');
        Route::put('/clear/plans/{plan}/placed', [\App\Clear\ClearingController::class, 'placed'])->name(
            'clear.placed',
        );
        Route::put('/clear/plans/{plan}/collected', [\App\Clear\ClearingController::class, 'collected'])->name(
            'clear.collected',
        );
        Route::post('/honey-room/{lot}/buckets', [HoneyRoom\BucketController::class, 'store'])->name(
            'honey-room.buckets.store',
        );
        Route::put('/honey-room/buckets/{bucket}', [HoneyRoom\BucketController::class, 'update'])->name(
            'honey-room.buckets.update',
        );
        Route::put('/honey-room/supers/{super}', [HoneyRoom\TakenSuperController::class, 'update'])->name(
            'honey-room.supers.update',
        );
        Route::post('/calibrate/weighings', [Calibrate\CalibrateController::class, 'weigh'])->name(
            'calibrate.weighings.store',
        );
        Route::post('/practise', [Practise\PractiseController::class, 'guessFace'])->name('practise.face.guess');
        Route::post('/practise/scale', [Practise\PractiseController::class, 'guessScale'])->name(
            'practise.scale.guess',
        );
        Route::post('/practise/eye', [Practise\PractiseController::class, 'apply'])->name('practise.eye');
        Route::delete('/practise/eye', [Practise\PractiseController::class, 'drop'])->name('practise.eye.drop');
        Route::post('/yards/boxes/{box}/move', [Yards\BoxController::class, 'move'])->name('yards.boxes.move');
        Route::post('/yards/boxes/{box}/off', [Yards\BoxController::class, 'off'])->name('yards.boxes.off');
        Route::post('/yards/hives/{hive}/boxes', [Yards\BoxController::class, 'store'])->name('yards.boxes.store');
        Route::post('/yards/hives/{hive}/facts', [Yards\ColonyController::class, 'fact'])->name('yards.facts.store');
    });

    Route::middleware(['can:manage', 'write'])->group(function (): void {
        Route::delete('/watch/signs/{sign}', [Watch\SignController::class, 'destroy'])->name('watch.signs.destroy');
        Route::delete('/watch/weights/{weight}', [Watch\WeightController::class, 'destroy'])->name(
            'watch.weights.destroy',
        );
        Route::delete('/assess/frames/{frame}', [Assess\FrameController::class, 'destroy'])->name(
            'assess.frames.destroy',
        );
        Route::delete('/assess/readings/{reading}', [Assess\ReadingController::class, 'destroy'])->name(
            'assess.readings.destroy',
        );
        Route::delete('/assess/decisions/{decision}', [Assess\DecisionController::class, 'destroy'])->name(
            'assess.decisions.destroy',
        );
        Route::delete('/winter/weighings/{hiveWeighing}', [Winter\WeighController::class, 'destroy'])->name(
            'winter.weighings.destroy',
        );
        Route::delete('/winter/feedings/{feeding}', [Winter\FeedController::class, 'destroy'])->name(
            'winter.feedings.destroy',
        );
        Route::put('/yards/{apiary}/climate', [Yards\ClimateController::class, 'update'])->name('yards.climate');
        Route::put('/calibrate/winter', [Calibrate\WinterUseController::class, 'update'])->name('calibrate.winter');
        Route::delete('/winter/looks/{look}', [Winter\WinterLookController::class, 'destroy'])->name(
            'winter.looks.destroy',
        );
        Route::post('/clear/{apiary}/weather', [\App\Weather\WeatherController::class, 'store'])->name(
            'clear.weather.store',
        );
        Route::delete('/clear/weather/{weatherDay}', [\App\Weather\WeatherController::class, 'destroy'])->name(
            'clear.weather.destroy',
        );
        Route::post('/clear/forecast', [\App\Weather\WeatherController::class, 'fetch'])->name('clear.forecast');
        Route::post('/clear/calendar', [\App\Day\CalendarController::class, 'store'])->name('clear.calendar.store');
        Route::delete('/clear/calendar/{calendarLink}', [\App\Day\CalendarController::class, 'destroy'])->name(
            'clear.calendar.destroy',
        );
        Route::put('/clear/drives', [\App\Rounds\DriveController::class, 'update'])->name('clear.drives.update');
        Route::post('/clear/rounds', [\App\Rounds\ScheduleController::class, 'store'])->name('clear.rounds.store');
        Route::put('/clear/rounds/{round}/stop', [\App\Rounds\ScheduleController::class, 'stop'])->name(
            'clear.rounds.stop',
        );
        Route::post('/clear/rounds/{round}/again', [\App\Rounds\ScheduleController::class, 'again'])->name(
            'clear.rounds.again',
        );
        Route::put('/clear/rounds/{round}/move', [\App\Rounds\ScheduleController::class, 'move'])->name(
            'clear.rounds.move',
        );
        Route::put('/clear/rounds/{round}/unlock', [\App\Rounds\ScheduleController::class, 'unlock'])->name(
            'clear.rounds.unlock',
        );
        Route::post('/clear/rounds/{round}/use', [\App\Rounds\ScheduleController::class, 'use'])->name(
            'clear.rounds.use',
        );
        Route::delete('/clear/rounds/{round}', [\App\Rounds\ScheduleController::class, 'destroy'])->name(
            'clear.rounds.destroy',
        );
        Route::post('/clear/{apiary}/plans', [\App\Clear\ClearingController::class, 'store'])->name(
            'clear.plans.store',
        );
        Route::delete('/clear/plans/{plan}', [\App\Clear\ClearingController::class, 'destroy'])->name(
            'clear.plans.destroy',
        );
        Route::delete('/honey-room/buckets/{bucket}', [HoneyRoom\BucketController::class, 'destroy'])->name(
            'honey-room.buckets.destroy',
        );
        Route::post('/yards', [Yards\YardController::class, 'store'])->name('yards.store');
        Route::put('/yards/{apiary}', [Yards\YardController::class, 'update'])->name('yards.update');
        Route::delete('/yards/{apiary}', [Yards\YardController::class, 'destroy'])->name('yards.destroy');
        Route::post('/yards/{apiary}/hives', [Yards\HiveController::class, 'store'])->name('yards.hives.store');
        Route::put('/yards/hives/{hive}', [Yards\HiveController::class, 'update'])->name('yards.hives.update');
        Route::delete('/yards/hives/{hive}', [Yards\HiveController::class, 'destroy'])->name('yards.hives.destroy');
        Route::put('/yards/hives/{hive}/queen', [Yards\ColonyController::class, 'requeen'])->name('yards.queen');
        Route::delete('/yards/facts/{fact}', [Yards\ColonyController::class, 'forget'])->name('yards.facts.destroy');
        Route::put('/yards/queens/{queen}', [Yards\QueenController::class, 'update'])->name('yards.queens.update');
        Route::delete('/yards/queens/{queen}', [Yards\QueenController::class, 'destroy'])->name('yards.queens.destroy');
        Route::post('/yards/kinds', [Yards\BoxKindController::class, 'store'])->name('yards.kinds.store');
        Route::delete('/yards/kinds/{kind}', [Yards\BoxKindController::class, 'destroy'])->name('yards.kinds.destroy');
        Route::delete('/honey-room/{lot}', [HoneyRoom\HoneyRoomController::class, 'destroy'])->name(
            'honey-room.lots.destroy',
        );
        Route::delete('/winter/decisions/{decision}', [Winter\KeepController::class, 'destroy'])->name(
            'winter.decisions.destroy',
        );
        Route::delete('/yards/boxes/{box}', [Yards\BoxController::class, 'destroy'])->name('yards.boxes.destroy');
        Route::post('/yards/{apiary}/treatments', [Yards\TreatmentController::class, 'store'])->name(
            'yards.treatments.store',
        );
        Route::delete('/yards/treatments/{treatment}', [Yards\TreatmentController::class, 'destroy'])->name(
            'yards.treatments.destroy',
        );
        Route::delete('/calibrate/weighings/{weighing}', [Calibrate\CalibrateController::class, 'forget'])->name(
            'calibrate.weighings.destroy',
        );
        Route::put('/calibrate/fill', [Calibrate\CalibrateController::class, 'fill'])->name('calibrate.fill');
        Route::post('/calibrate/instruments', [Calibrate\InstrumentController::class, 'store'])->name(
            'calibrate.instruments.store',
        );
        Route::put('/calibrate/instruments/{instrument}/check', [Calibrate\InstrumentController::class, 'check'])->name(
            'calibrate.instruments.check',
        );
        Route::delete('/calibrate/instruments/{instrument}', [Calibrate\InstrumentController::class, 'destroy'])->name(
            'calibrate.instruments.destroy',
        );
        Route::put('/yards/{apiary}/policy', [Yards\YardPolicyController::class, 'update'])->name('yards.policy');
        Route::post('/yards/{apiary}/harvests', [Yards\YardPolicyController::class, 'store'])->name(
            'yards.harvests.store',
        );
        Route::delete('/yards/harvests/{harvestPolicy}', [Yards\YardPolicyController::class, 'destroy'])->name(
            'yards.harvests.destroy',
        );
        Route::put('/account/policy', [Account\PolicyController::class, 'update'])->name('account.policy.update');
        Route::post('/account/bin/{kind}/{id}', [Account\BinController::class, 'restore'])->name('account.bin.restore');
    });

    Route::middleware(['can:own', 'write'])->group(function (): void {
        Route::put('/account/operation-settings', [Account\OperationController::class, 'update'])->name(
            'account.operation',
        );
        Route::post('/account/members', [Account\MemberController::class, 'store'])->name('account.members.store');
        Route::delete('/account/members/{membership}', [Account\MemberController::class, 'destroy'])->name(
            'account.members.destroy',
        );
    });
});
