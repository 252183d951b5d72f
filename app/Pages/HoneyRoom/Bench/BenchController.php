<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Bench;

use App\Foundation\Cache\ScopeVersions;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** For pages of the honey room that ask every two seconds: whether anything has changed since they were read. */
final class BenchController
{
    public function known(Request $request, ScopeVersions $versions): Response
    {
        $known = $request->query('known');

        return new Response('', is_string($known) && $known === $versions->ofAll() ? 204 : 200);
    }
}
