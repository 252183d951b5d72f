<?php

declare(strict_types=1);

namespace App\Apiary\Operation;

use App\Foundation\Units\Preferences;
use App\Models\User;
use Illuminate\Support\Facades\Auth;

/** How whoever is signed in wants figures shown and entered. */
final class OwnPreferences
{
    public static function read(): Preferences
    {
        $user = Auth::user();

        return $user instanceof User ? Preferences::fromArray($user->preferences ?? []) : new Preferences;
    }
}
