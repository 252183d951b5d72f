<?php

declare(strict_types=1);

namespace App\Foundation\Http;

use Illuminate\Http\RedirectResponse;

/** After a write: to the page that shows it, which says quietly what was saved and offers to undo it. */
final class Saved
{
    public static function at(string $url, string $words): RedirectResponse
    {
        return redirect()->to($url, 303)->with('saved', $words);
    }
}
