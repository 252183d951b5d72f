<?php

declare(strict_types=1);

use App\Foundation\Server\Heartbeat;
use App\Foundation\Server\LetterFiles;
use App\Foundation\Server\Photographs;
use App\Foundation\Writes\IdempotencyKey;
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
