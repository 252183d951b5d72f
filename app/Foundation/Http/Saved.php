<?php

declare(strict_types=1);

namespace App\Foundation\Http;

use Illuminate\Http\RedirectResponse;

/** Redirects after a write to the page that shows it, with a notice of what was saved and a way to undo it. */
final class Saved
{
    public static function at(string $url, string $words): RedirectResponse
    {
        return redirect()->to($url, 303)->with('saved', $words);
    }
}
