<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Bench;

use App\Foundation\Writes\Revisions;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** For pages of the honey room that ask every two seconds: whether anything has changed since they were read. */
final class BenchController
{
    public function known(Request $request, Revisions $revisions): Response
    {
        $known = $request->query('known');

        return new Response('', is_string($known) && $known === $revisions->ofAll() ? 204 : 200);
    }
}
