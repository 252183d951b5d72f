<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\User;
use App\Records\CannotUndo;
use App\Records\Undo;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class UndoController
{
    public function store(Request $request, Undo $undo): RedirectResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        try {
            $words = $undo->last($user);
        } catch (CannotUndo $reason) {
            $words = $reason->getMessage();
        }

        return redirect()->to(url()->previous(route('desk')), 303)->with('undone', $words);
    }
}
