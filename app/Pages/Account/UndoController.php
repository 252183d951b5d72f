<?php

declare(strict_types=1);

namespace App\Pages\Account;

use App\Foundation\Http\NearestPage;
use App\Foundation\Writes\CannotUndo;
use App\Foundation\Writes\Undo;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class UndoController
{
    public function store(Request $request, Undo $undo, NearestPage $nearest): RedirectResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        try {
            $words = $undo->last($user);
        } catch (CannotUndo $reason) {
            $words = $reason->getMessage();
        }

        // What it took back may be what the page before was of.
        return redirect()->to($nearest->to(url()->previous(route('desk'))), 303)->with('undone', $words);
    }
}
