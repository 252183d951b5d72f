<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\User;
use App\Records\Activity;
use Illuminate\Contracts\View\View;

final class TrailController
{
    public function index(\App\Records\Undo $undo): View
    {
        $lines = Activity::ofThisOperation()->with('subject')->latest('id')->simplePaginate(40);

        return view('account.trail', [
            'lines' => $lines,
            'undo' => $undo,
            'people' => User::query()
                ->whereIn('id', $lines->pluck('causer_id')->filter()->unique())
                ->pluck('name', 'id'),
        ]);
    }
}
