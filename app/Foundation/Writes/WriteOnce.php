<?php

declare(strict_types=1);

namespace App\Foundation\Writes;

use Closure;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as HtmlResponse;
use Illuminate\Routing\Route;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/**
 * Every write: one transaction, one batch of the audit trail (so that it can be undone as one), and safe to
 * send twice. The same content under the same key by the same person gives the first answer again and writes nothing;
 * other content is another write. A write that stands in another's way is tried again as a whole.
 */
final readonly class WriteOnce
{
    private const TRIES = 3;

    /** Milliseconds to wait before the next try, times the number of tries. */
    private const WAIT_MS = [20, 120];

    public function __construct(private OpenWrite $write)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        $key = $request->header('Idempotency-Key') ?? $request->input('_key');
        if (! is_string($key) || ! Str::isUlid($key)) {
            abort(400, __('This form was sent without its key. Load the page again and send the form again.'));
        }
        for ($try = 1; $try <= self::TRIES; $try++) {
            $response = $this->attempt($request, $next, $key);
            if ($response !== null) {
                return $response;
            }
            self::asBefore($request);
            usleep(random_int(...self::WAIT_MS) * 1000 * $try);
        }
        abort(503, Contention::sentence());
    }

    /** @return ?Response null where others were in the way; then nothing is left of it */
    private function attempt(Request $request, Closure $next, string $key): ?Response
    {
        $content = self::content($request);
        $earlier = $this->earlier($request, $key, $content);
        if ($earlier !== null) {
            return self::replay($earlier);
        }
        try {
            $this->write->begin();
            $kept = $this->claim($request, $key, $content);
            if ($kept === null) {
                $this->write->giveUp();

                return self::replay($this->earlier($request, $key, $content) ?? abort(409));
            }
            $response = $next($request);
            if (Contention::is($response->exception ?? null)) {
                $this->write->giveUp();

                return null;
            }
            $response->getStatusCode() >= 400 ? $this->write->giveUp() : $this->keep($kept, $response);

            return $response;
        } catch (Throwable $error) {
            $this->write->giveUp();

            return Contention::is($error) ? null : throw $error;
        }
    }

    /** @return ?IdempotencyKey null where the same write was done meanwhile */
    private function claim(Request $request, string $key, string $content): ?IdempotencyKey
    {
        try {
            return IdempotencyKey::query()->create([
                'user_id' => $request->user()?->id,
                'key' => $key,
                'content' => $content,
                'method' => $request->method(),
                'path' => $request->path(),
            ]);
        } catch (UniqueConstraintViolationException) {
            return null;
        }
    }

    private function keep(IdempotencyKey $kept, Response $response): void
    {
        $kept
            ->forceFill([
                'status' => $response->getStatusCode(),
                'location' => $response->headers->get('Location'),
                'body' => $response instanceof JsonResponse ? $response->getContent() : null,
            ])
            ->save();
        $this->write->keep();
    }

    private function earlier(Request $request, string $key, string $content): ?IdempotencyKey
    {
        return IdempotencyKey::query()
            ->where('user_id', $request->user()?->id)
            ->where('key', $key)
            ->where('content', $content)
            ->first();
    }

    /** Hash of the request's content, independent of the order of its fields: a corrected form has another one. */
    private static function content(Request $request): string
    {
        $fields = $request->except(['_token', '_key']);
        self::sort($fields);
        $files = array_map(
            static fn (mixed $file): mixed => $file instanceof \SplFileInfo ? md5_file($file->getPathname()) : '',
            $request->allFiles(),
        );
        $what = [$request->method(), $request->path(), array_diff_key($fields, $files), $files];

        return hash('sha256', serialize($what));
    }

    /** @param  array<array-key, mixed>  $fields */
    private static function sort(array &$fields): void
    {
        ksort($fields);
        foreach ($fields as &$value) {
            if (is_array($value)) {
                self::sort($value);
            }
        }
    }

    /** Binds the route's records again: the ones of the last try may be old. */
    private static function asBefore(Request $request): void
    {
        $route = $request->route();
        if ($route instanceof Route) {
            foreach ($route->originalParameters() as $name => $value) {
                $route->setParameter($name, $value);
            }
            $route->flushController();
        }
    }

    private static function replay(IdempotencyKey $earlier): Response
    {
        if ($earlier->location !== null) {
            return new HtmlResponse('', $earlier->status ?? 303, [
                'Location' => $earlier->location,
                'Idempotency-Replayed' => 'true',
            ]);
        }

        return new HtmlResponse($earlier->body ?? '', $earlier->status ?? 200, [
            'Content-Type' => 'application/json',
            'Idempotency-Replayed' => 'true',
        ]);
    }
}
