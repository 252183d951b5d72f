<?php

declare(strict_types=1);

namespace App\Operation;

use App\Models\User;
use App\Support\Units\Preferences;
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
