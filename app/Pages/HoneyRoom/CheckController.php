<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Http\Saved;
use App\Models\RoomCheck;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** The list before pouring: all of it, once a day. */
final readonly class CheckController
{
    public function store(Request $request, CurrentOperation $current): RedirectResponse
    {
        $given = $request->input('checks');
        $ticked = is_array($given) ? array_keys($given) : [];
        $missing = array_diff_key(RoomChecks::items(), array_flip($ticked));
        if ($missing !== []) {
            throw ValidationException::withMessages([
                'checks' => __('Not ticked yet: :items', ['items' => implode(' ', $missing)]),
            ]);
        }
        RoomCheck::query()->firstOrCreate(
            ['checked_on' => $current->day()],
            ['who' => mb_substr((string) $request->user()?->name, 0, 80)],
        );
        $back = $request->input('back');

        return Saved::at(
            is_string($back) && preg_match('/^[0-9A-Za-z]{26}$/', $back) === 1
                ? route('honey-room.lot', $back)
                : route('honey-room.index'),
            __('The checklist is ticked for today.'),
        );
    }
}
