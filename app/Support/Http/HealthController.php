<?php

declare(strict_types=1);

namespace App\Support\Http;

use Illuminate\Database\QueryException;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** Whether the application and its database answer; for watchers and the start script. */
final class HealthController
{
    public function __invoke(): Response
    {
        try {
            DB::select('select 1');
        } catch (QueryException) {
            return new Response("database down\n", 503, ['Content-Type' => 'text/plain']);
        }

        return new Response("up\n", 200, ['Content-Type' => 'text/plain']);
    }
}
