<?php

declare(strict_types=1);

use App\Records\IdempotencyKey;
use App\Support\Heartbeat;
use App\Support\LetterFiles;
use App\Support\Photographs;
use Illuminate\Support\Facades\Schedule;

Schedule::call(fn () => IdempotencyKey::query()->where('created_at', '<', now()->subDays(30))->delete())
    ->daily()
    ->name('forget old keys');
Schedule::call(fn () => Heartbeat::of(Heartbeat::SCHEDULER))
    ->everyMinute()
    ->name('say that the scheduler runs');
Schedule::call(fn () => LetterFiles::forgetOld())->everyFiveMinutes()->name('delete old letters');
Schedule::call(fn () => Photographs::forgetUnused())->daily()->name('delete unused photographs');
Schedule::command('bin:empty')->daily();
Schedule::command('room:read')->everyTenMinutes();
Schedule::exec(base_path('bin/backup').' --nightly')->dailyAt('02:40')->name('back up');
