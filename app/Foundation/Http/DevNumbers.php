<?php

declare(strict_types=1);

namespace App\Foundation\Http;

use Closure;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Symfony\Component\HttpFoundation\Response;

/**
 * While Marjoram is worked on (bin/start --dev): what each request cost, as a header and as a line of
 * storage/logs/dev.log, with the queries that it asked more than once.
 */
final class DevNumbers
{
    private const MEGABYTE = 1048576;

    /** @var array<string, int> how often each query was asked, by its text */
    private array $asked = [];

    private float $queryMs = 0.0;

    public function handle(Request $request, Closure $next): Response
    {
        $from = hrtime(true);
        DB::listen(function (QueryExecuted $query): void {
            $this->asked[$query->sql] = ($this->asked[$query->sql] ?? 0) + 1;
            $this->queryMs += $query->time;
        });
        $response = $next($request);
        $ms = round((hrtime(true) - $from) / 1e6);
        $megabytes = round(memory_get_peak_usage() / self::MEGABYTE, 1);
        $cost = array_sum($this->asked).' queries in '.round($this->queryMs)." ms, $ms ms in all, $megabytes MB";
        $response->headers->set('X-Marjoram-Cost', $cost);
        $repeated = array_filter($this->asked, static fn (int $times): bool => $times > 1);
        arsort($repeated);
        Log::channel('dev')->info("{$request->method()} {$request->path()} {$response->getStatusCode()}: $cost", $repeated);
        if ($response->getStatusCode() >= 500) {
            // The page about the error brings styles and scripts of its own.
            $response->headers->remove('Content-Security-Policy');
        }

        return $response;
    }
}
