<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\User;
use App\Records\Undo;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class UndoController
{
    public function store(Request $request, Undo $undo): RedirectResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        [, $words] = $undo->last($user);

        return redirect()->to(url()->previous(route('desk')), 303)->with('undone', $words);
    }
}
