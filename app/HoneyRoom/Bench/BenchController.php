<?php

declare(strict_types=1);

namespace App\HoneyRoom\Bench;

use App\Operation\CurrentOperation;
use App\Records\Revisions;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The bench alone, for a page that asks again every two seconds: nothing, while nothing has changed. */
final readonly class BenchController
{
    public function show(
        Request $request,
        Revisions $revisions,
        BenchReader $reader,
        BenchPictures $pictures,
        CurrentOperation $current,
    ): Response {
        $known = $revisions->ofAll() ?? '';
        if ($request->query('known') === $known) {
            return new Response('', 204);
        }

        return new Response(view('honey-room.bench', [
            'bench' => $reader->read(),
            'draw' => $pictures,
            'known' => $known,
            'zone' => $current->get()->time_zone,
        ]));
    }
}
