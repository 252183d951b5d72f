<?php

declare(strict_types=1);

namespace App\Apiary\Operation;

use App\Foundation\Units\Preferences;
use App\Models\User;
use Illuminate\Support\Facades\Auth;

/** Units and formats chosen by the person who is signed in. */
final class OwnPreferences
{
    public static function read(): Preferences
    {
        $user = Auth::user();

        return $user instanceof User ? Preferences::fromArray($user->preferences ?? []) : new Preferences;
    }
}
