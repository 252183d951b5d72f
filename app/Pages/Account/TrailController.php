<?php

declare(strict_types=1);

namespace App\Pages\Account;

use App\Apiary\Hives\HiveNames;
use App\Foundation\Writes\Activity;
use App\Foundation\Writes\Undo;
use App\Models\User;
use Illuminate\Contracts\View\View;

final class TrailController
{
    public function index(Undo $undo): View
    {
        $lines = Activity::ofThisOperation()->with('subject')->latest('id')->simplePaginate(40);
        $people = User::query()
            ->whereIn('id', $lines->pluck('causer_id')->filter()->unique())
            ->pluck('name', 'id');
        $hives = HiveNames::of(array_map(
            static fn (Activity $line): array => $line->subject?->getAttributes() ?? [],
            $lines->items(),
        ));
        $row = static fn (Activity $line, int $i): TrailRow => TrailRow::of(
            $line,
            $people->get((string) $line->causer_id),
            $line->log_name === 'undo' ? __('undo') : $undo->words($line),
            $hives[$i] ?? null,
        );

        return view('account.trail', [
            'lines' => $lines,
            'rows' => collect($lines->items())->map($row),
        ]);
    }
}
